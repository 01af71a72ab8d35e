import { bannersByTurns } from './bannersByTurns.ts';
import { allCollections } from './allCollections.ts';
import { bestSold } from './bestSold.ts';
import { fromTheJournal } from './fromTheJournal.ts';
import { goesWithIt } from './goesWithIt.ts';
import { lookedAtLately } from './lookedAtLately.ts';
import { mainCategories } from './mainCategories.ts';
import { newestFirst } from './newestFirst.ts';
import { bestRated } from './bestRated.ts';
import { buyersThink } from './buyersThink.ts';
import { closableNotice } from './closableNotice.ts';
import { findUs } from './findUs.ts';
import { inWords } from './inWords.ts';
import { inTabs } from './inTabs.ts';
import { subcategories } from './subcategories.ts';
import { storyByTurns } from './storyByTurns.ts';
import { threePromises } from './threePromises.ts';
import { whatItIsAbout } from './whatItIsAbout.ts';
import { wideBanner } from './wideBanner.ts';
import { writeToUs } from './writeToUs.ts';
import { sameBrand } from './sameBrand.ts';
import type { ReadyBay } from './readyBay.ts';
import { reducedNow } from './reducedNow.ts';

/** Every ready-made bay, in the order in which they are offered; to add one, list it here. */
export const readyBays: readonly ReadyBay[] = [
  newestFirst,
  bestSold,
  reducedNow,
  bestRated,
  inTabs,
  mainCategories,
  subcategories,
  allCollections,
  wideBanner,
  bannersByTurns,
  whatItIsAbout,
  storyByTurns,
  threePromises,
  inWords,
  closableNotice,
  findUs,
  fromTheJournal,
  goesWithIt,
  sameBrand,
  buyersThink,
  lookedAtLately,
  writeToUs,
];

export const readyBaysFor = (kind: string): ReadyBay[] =>
  readyBays.filter(({ on }) => on === null || on.includes(kind));
