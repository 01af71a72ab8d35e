import { fold } from '../../core/catalogue/fold.ts';
import { counted } from '../../core/sentence/sentence.ts';

const MOST_FOUND = 40;

/** A tag, and how many have it. */
export interface KnownTag {
  tag: string;
  /** What it is called. */
  name: string;
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
    .filter(({ tag, name }) => !without.includes(tag) && fold(name).includes(wanted))
    .slice(0, MOST_FOUND)
    .map(({ tag, name, count }) => ({ id: tag, words: name, aside: counted(count, one, many) }));
  const typed = words.trim();
  const isOther =
    typed !== '' &&
    !without.includes(typed) &&
    !known.some(({ id }) => id === typed) &&
    !all.some(({ name }) => name === typed);
  if (!isOther) return known;
  // What it was first called leads to it still.
  const former = all.find(({ tag }) => tag === typed);
  return [...known, { id: typed, words: typed, aside: former ? `now “${former.name}”` : 'a new tag' }];
}
