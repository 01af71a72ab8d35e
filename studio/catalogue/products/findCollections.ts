import { fold } from '../../../core/catalogue/fold.ts';
import type { Vocabulary } from '../../../core/catalogue/vocabulary.ts';
import { counted } from '../../../core/sentence/sentence.ts';
import type { Tickable } from '../../ui/TickList.tsx';

/** Collections that are filled by hand, by a part of their name. */
export const findCollections = (all: Vocabulary['collections'], words: string): Tickable[] =>
  all
    .filter(({ name, byRule }) => !byRule && fold(name).includes(fold(words)))
    .map(({ id, name, products }) => ({ id: String(id), words: name, aside: counted(products, 'product') }));
