import type { ValuesFilterKind } from '../filterKind.ts';
import { plainFilter } from './plain.ts';

export interface TagFilter {
  by: 'tag';
}

export const tagFilter: ValuesFilterKind<TagFilter> = {
  id: 'tag',
  name: 'Tag',
  find: ['tag', 'topic'],
  schema: plainFilter('tag'),
  named: () => 'Tag',
  chooses: 'several',
  ofVariant: false,
  looksAt: ['tags'],
  keys: (_, { tags }) => tags,
};
