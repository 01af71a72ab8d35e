import { allCollections } from './allCollections.ts';
import { bestSold } from './bestSold.ts';
import { fromTheJournal } from './fromTheJournal.ts';
import { goesWithIt } from './goesWithIt.ts';
import { lookedAtLately } from './lookedAtLately.ts';
import { mainCategories } from './mainCategories.ts';
import { newestFirst } from './newestFirst.ts';
import type { ReadyBay } from './readyBay.ts';
import { reducedNow } from './reducedNow.ts';

/** Every ready-made bay, in the order in which they are offered; to add one, list it here. */
export const readyBays: readonly ReadyBay[] = [
  newestFirst,
  bestSold,
  reducedNow,
  mainCategories,
  allCollections,
  goesWithIt,
  lookedAtLately,
  fromTheJournal,
];

export const readyBaysFor = (kind: string): ReadyBay[] =>
  readyBays.filter(({ on }) => on === null || on.includes(kind));
