import { fold } from '../../../core/catalogue/fold.ts';
import type { Vocabulary } from '../../../core/catalogue/vocabulary.ts';
import { counted } from '../../../core/sentence/sentence.ts';

const MOST_FOUND = 40;

/** Tags of the store by a part of their name, but for some; and what was typed as a new one, where none is called so. */
export function findTags(all: Vocabulary['tags'], words: string, without: readonly string[]) {
  const wanted = fold(words);
  const known = all
    .filter(({ tag }) => !without.includes(tag) && fold(tag).includes(wanted))
    .slice(0, MOST_FOUND)
    .map(({ tag, products }) => ({ id: tag, words: tag, aside: counted(products, 'product') }));
  const typed = words.trim();
  const isNew = typed !== '' && !without.includes(typed) && !known.some(({ id }) => id === typed);
  return isNew ? [...known, { id: typed, words: typed, aside: 'a new tag' }] : known;
}
