import type { ValuesFilterKind } from '../filterKind.ts';

export interface TagFilter {
  by: 'tag';
}

export const tagFilter: ValuesFilterKind<TagFilter> = {
  id: 'tag',
  name: 'Tag',
  find: ['tag', 'topic'],
  offers: () => [{ by: 'tag' }],
  named: () => 'Tag',
  title: ({ tag }) => tag,
  chooses: 'several',
  drawn: 'list',
  ofVariant: false,
  looksAt: ['tags'],
  keys: (_, { tags }) => tags,
};
