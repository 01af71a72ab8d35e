import type { Names } from './sentence.ts';

/** What tags are called; one that is gone by what rules know it by. */
export const tagNames = (tags: readonly string[], { tag: nameOf }: Pick<Names, 'tag'>): string[] =>
  tags.map((tag) => nameOf(tag) ?? tag);
