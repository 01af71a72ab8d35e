import { counted } from '../../sentence/sentence.ts';
import { yesNo } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { partKindOf } from '../partKind.ts';
import { STAR_PX, STARS } from '../stars.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

/** Between the stars and the figure, px. */
const GAP_PX = 6;

const besideWordsPx = (stars: boolean): number => (stars ? STARS * STAR_PX + GAP_PX : 0);

export const ratingPart = partKindOf({
  id: 'rating',
  of: ['products'],
  name: 'Rating',
  find: ['rating', 'stars', 'reviews'],
  atFirst: false,
  settings: {
    stars: setting(yesNo(), true, { name: 'Rating: stars', find: ['stars', 'rating'] }),
    figure: setting(yesNo(), true, { name: 'Rating: figure', find: ['figure', 'number', 'rating'] }),
    count: setting(yesNo(), true, { name: 'Rating: how many ratings', find: ['count', 'reviews', 'rating'] }),
  },
  column: { least: 160, sorts: () => ['rating'] },
  needs: ['rating'],
  quiet: true,
  text: TEXT,
  reads: ({ stars, figure, count }) => ({ stars, figure, count }),
  view: (item, { stars, figure, count }, { texts }) => {
    const rating = item.of === 'products' ? item.product.rating : null;
    if (!rating || !(stars || figure || count)) return null;
    const words = [figure && texts.ratingFigure(rating.mean), count && texts.ratingCount(rating.count)];
    return { ...rating, stars, words: words.filter(Boolean).join(' ') };
  },
  fullest: (view) => view,
  words: ({ mean, stars, words }) => words || (stars ? `${Math.round(mean)} of ${STARS} stars` : ''),
  widthPx: ({ stars, words }, size) =>
    words ? besideWordsPx(stars) + widthOf(words, size) : stars ? STARS * STAR_PX : 0,
  hard: [
    {
      id: 'not-rated',
      name: 'Not rated',
      hardness: (view) => (view ? null : 0),
      said: () => 'nobody rated it yet',
      counted: 'notRated',
    },
    {
      id: 'most-ratings',
      name: 'Most ratings',
      hardness: (view) => view?.count ?? null,
      said: (view) => counted(view!.count, 'rating'),
    },
  ],
  heightPx({ stars, words }, _own, widthPx, _picture, size) {
    if (!words) return size.linePx;
    // It is broken between words only.
    const longest = Math.max(...words.split(' ').map((word) => widthOf(word, size)));
    return size.linePx * linesOf(words, size, Math.max(longest, widthPx - besideWordsPx(stars)));
  },
  say: () => 'rating',
});
