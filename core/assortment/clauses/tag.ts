import { array, object, string } from '../../schema/schema.ts';
import { listed } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';
import { both, chosen } from './chosen.ts';
import { tagNames } from '../../sentence/tagNames.ts';

export interface TagClause {
  is: 'tag';
  tags: string[];
}

export const tagClause: ClauseKind<TagClause> = {
  id: 'tag',
  name: 'With a tag',
  find: ['tag', 'tagged', 'keyword'],
  schema: object({
    is: string()
      .oneOf(['tag'] as const)
      .required(),
    tags: array(string().max(120).required()).max(100).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'tag', tags: [] }),
  say: ({ tags }, names) => ['tagged ', ...chosen(tagNames(tags, names), 'a tag (not chosen yet)')],
  looksAt: ['tags'],
  gone: ({ tags }, names) => tags.filter((tag) => !names.tag(tag)).map((tag) => `tag "${tag}"`),
  either: (a, b) => ({ ...a, tags: both(a.tags, b.tags) }),
  holds: ({ tags }, product) => tags.some((tag) => product.tags.includes(tag)),
  against: (_, { tags }, __, names) =>
    tags.length ? `it is tagged ${listed(tagNames(tags, names))}` : 'it has no tag',
};
