import { bandAt } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { STAR_PX } from '../card/stars.ts';
import { linesOf } from '../card/text.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { counted } from '../sentence/sentence.ts';
import { setting, varying } from '../settings/setting.ts';
import { integer, yesNo } from '../settings/values.ts';
import { contentLine, opens } from '../spec/content.ts';
import { lookLine } from '../spec/look.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { textsFor } from '../texts/index.ts';
import { withHeading } from '../view/headingHeight.ts';
import { BAY_TEXT } from './bayTexts.ts';
import type { BayKind } from './bayKind.ts';
import { alignLine, alignSetting, JUSTIFIED, type Align } from './stands.ts';
import { withoutShelves } from './withoutShelves.ts';

const settings = {
  text: {
    worded: setting(yesNo(), true, {
      name: 'The rating in words',
      find: ['rating', 'words', 'figure', 'count', 'reviews'],
      say: (shown) => (shown ? 'the rating in words' : 'stars alone'),
    }),
    least: setting(integer(1, 1_000, ''), 1, {
      name: 'Reviews that it takes',
      find: ['reviews', 'least', 'few', 'how many'],
      about: 'A product with fewer of them shows nothing here: two opinions say little.',
    }),
  },
  picture: {
    starPx: varying(integer(STAR_PX, 64, 'px', { step: 2 }), 28, {
      name: 'Size of the stars',
      find: ['stars', 'size', 'rating'],
    }),
  },
  columns: {
    align: alignSetting('start'),
  },
};

export interface ReviewsContent {
  /** Mean of the reviews, of five stars, and how many there are; null where the product has too few. */
  rating: { mean: number; count: number } | null;
  /** The same in the words of the store. */
  says: string;
  /** They are written below the stars. */
  worded: boolean;
  starPx: Varying<number>;
  align: Varying<Align>;
  room: Room;
}

/** Space between the stars and the words, px, as the sheet of the storefront has it. */
export const BELOW_STARS_PX = 8;

/** What buyers think of the product that a page is about. */
export const reviewsBay: BayKind<typeof settings, ReviewsContent> = {
  id: 'reviews',
  name: 'Reviews as stars',
  settings,
  defaults: {},
  hasHeading: true,
  spec: [
    contentLine('text', 'Text', ({ worded, least }) => [
      opens(worded ? 'Stars, and the rating in words' : 'Stars alone', 'worded'),
      ', ',
      opens(`of a product with ${counted(Number(least), 'review')} or more`, 'least'),
    ]),
    contentLine('picture', 'Stars', ({ starPx }, names) => [
      opens(
        sayVarying(starPx as Varying<number>, names, (px) => `${px} px high`),
        'starPx',
      ),
    ]),
    alignLine,
    lookLine,
    visibilityLine,
  ],
  addable: true,
  // The window of quick view shows the product alone.
  on: ['product'],
  named: ({ heading }) => heading.words || 'Reviews as stars',
  atFirst: (id) => ({ bay: { id, holds: 'reviews', heading: { words: 'What buyers think' } }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view({ worded, least, starPx, align }, { about: { product }, plan: { house }, room }) {
    const found = product?.rating ?? null;
    const rating = found && found.count >= least ? found : null;
    const says = rating ? textsFor(house).rating(rating.mean, rating.count) : '';
    return { content: { rating, says, worded, starPx, align, room }, empty: rating === null };
  },
  tones: () => [],
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ says, worded, starPx, room }, heading, bands, regionPx) => {
    const { id } = bandAt(bands, regionPx);
    const lines = worded ? linesOf(says, BAY_TEXT, innerWidth(room, bands, id, regionPx)) : 0;
    const wordsPx = lines > 0 ? BELOW_STARS_PX + lines * BAY_TEXT.linePx : 0;
    return withHeading(heading, bands, regionPx, valueAt(starPx, bands, id) + wordsPx);
  },
  css: ({ starPx, align }, scope, bands) =>
    byBand(
      bands,
      (band) =>
        `${scope} .reviews{align-items:${JUSTIFIED[valueAt(align, bands, band)]};text-align:${valueAt(align, bands, band)}}` +
        `${scope} .stars{zoom:${valueAt(starPx, bands, band) / STAR_PX}}`,
    ),
};
