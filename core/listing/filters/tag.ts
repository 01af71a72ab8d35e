import type { ValuesFilterKind } from '../filterKind.ts';

export interface TagFilter {
  by: 'tag';
}

export const tagFilter: ValuesFilterKind<TagFilter> = {
  id: 'tag',
  parameter: 'tag',
  offers: () => [{ by: 'tag' }],
  named: () => 'Tag',
  title: ({ tag }) => tag,
  chooses: 'several',
  drawn: 'list',
  read: (said, filter, words) => (words.occurs(filter, said) ? said : null),
  names: (key, { tagNames }) => tagNames.get(String(key)),
  ofVariant: false,
  looksAt: ['tags'],
  keys: (_, { tags }) => tags,
};
