import { fold } from '../../core/catalogue/fold.ts';
import { counted } from '../../core/sentence/sentence.ts';

const MOST_FOUND = 40;

/** A tag, and how many have it. */
export interface KnownTag {
  tag: string;
  count: number;
}

/** Tags by a part of their name, but for some; and what was typed as a new one, where none is called so. */
export function findTags(
  all: readonly KnownTag[],
  words: string,
  without: readonly string[],
  [one, many]: readonly [one: string, many?: string | undefined],
) {
  const wanted = fold(words);
  const known = all
    .filter(({ tag }) => !without.includes(tag) && fold(tag).includes(wanted))
    .slice(0, MOST_FOUND)
    .map(({ tag, count }) => ({ id: tag, words: tag, aside: counted(count, one, many) }));
  const typed = words.trim();
  const isNew = typed !== '' && !without.includes(typed) && !known.some(({ id }) => id === typed);
  return isNew ? [...known, { id: typed, words: typed, aside: 'a new tag' }] : known;
}
