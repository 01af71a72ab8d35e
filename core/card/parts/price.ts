import { saidPrice, type SaidPrice } from '../../catalogue/saidPrice.ts';
import { showsPrices } from '../../catalogue/selling.ts';
import { choice } from '../../settings/values.ts';
import { setting, type ShownCard } from '../../settings/setting.ts';
import { ownWords, readsWords } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { baselineOf, linesOf, spaceOf, widthOf } from '../text.ts';
import type { TextSize } from '../textSize.ts';

const TEXT = { fontPx: 16, linePx: 22, weight: 400 };

/** Before the price that was, px, besides the space between words. */
const BEFORE_GAP_PX = 7;

interface Said extends SaidPrice {
  /** The owner's words before it and after it. */
  own: readonly [before: string, after: string];
}

const wordsOf = ({ now, before, from, own }: Said) =>
  [own[0], from, now, before, own[1]].filter(Boolean).join(' ');

const REDUCED_WEIGHT = 560;

/** The price now that it is reduced is heavier, or as it is set; letters stand apart as in the rest of it. */
function reduced(size: TextSize): TextSize {
  const { fontPx, weight } = size.prominent ?? { fontPx: size.fontPx, weight: REDUCED_WEIGHT };
  return {
    ...size,
    fontPx,
    weight,
    spacingEm: ((size.spacingEm ?? 0) * size.fontPx) / fontPx,
    wordEm: ((size.wordEm ?? 0) * size.fontPx) / fontPx,
  };
}

/** Letters of two sizes on one baseline need more than the line that each has, px. */
const moreLinePx = (size: TextSize): number =>
  size.prominent ? Math.abs(baselineOf(reduced(size)) - baselineOf(size)) : 0;

/** A reduced price in a size, px; what is now is in its own size, all else and the spaces between in that of the part. */
interface SetPrice {
  /** On one line. */
  widthPx: number;
  spacePx: number;
  /** Width of each word; what it was with the distance before it, which it keeps at the beginning of a line too. */
  words: readonly number[];
  moreLinePx: number;
}

const setPrices = new WeakMap<Said, WeakMap<TextSize, SetPrice>>();

/** Measured once, since it is asked for at every width. */
function setPrice(view: Said, size: TextSize): SetPrice {
  let ofView = setPrices.get(view);
  if (!ofView) setPrices.set(view, (ofView = new WeakMap()));
  let found = ofView.get(size);
  if (found) return found;
  const { now, before, from, own } = view;
  const spacePx = spaceOf(size);
  const others = [own[0], from, before, own[1]].filter(Boolean) as string[];
  const words = (text: string | null, of: TextSize, gapPx = 0) =>
    (text ?? '')
      .split(' ')
      .filter(Boolean)
      .map((word, i) => widthOf(word, of) + (i === 0 ? gapPx : 0));
  found = {
    widthPx: others.reduce(
      (px, some) => px + widthOf(some, size) + spacePx,
      widthOf(now, reduced(size)) + BEFORE_GAP_PX,
    ),
    spacePx,
    words: [
      ...words(own[0], size),
      ...words(from, size),
      ...words(now, reduced(size)),
      ...words(before, size, BEFORE_GAP_PX),
      ...words(own[1], size),
    ],
    moreLinePx: moreLinePx(size),
  };
  ofView.set(size, found);
  return found;
}

/** On one line, px. */
const priceWidthPx = (view: Said, size: TextSize): number =>
  view.before === null ? widthOf(wordsOf(view), size) : setPrice(view, size).widthPx;

/** On how many lines words are set. */
function linesOfWords({ words, spacePx }: SetPrice, widthPx: number): number {
  let [lines, at] = [1, 0];
  for (const px of words) {
    if (at > 0 && at + spacePx + px > widthPx) {
      lines += 1;
      at = px;
    } else at += (at > 0 ? spacePx : 0) + px;
  }
  return lines;
}

function priceHeightPx(view: Said, widthPx: number, size: TextSize): number {
  if (view.before === null) return linesOf(wordsOf(view), size, widthPx) * size.linePx;
  const price = setPrice(view, size);
  return (price.widthPx <= widthPx ? 1 : linesOfWords(price, widthPx)) * size.linePx + price.moreLinePx;
}

/** Whether the price on a card is lower than it was. */
const isReduced = ({ parts }: ShownCard): boolean =>
  parts.some((one) => one.part === 'price' && Boolean((one as Partial<Said>).before));

export const pricePart = partKindOf({
  id: 'price',
  of: ['products'],
  name: 'Price',
  find: ['price', 'reduced', 'cost', 'money'],
  atFirst: true,
  decides: true,
  settings: {
    ...ownWords('Price'),
    words: setting(choice({ always: 'On all products', reduced: 'On reduced ones only' }), 'always', {
      name: 'Own words around the price',
      find: ['words', 'reduced', 'sale'],
      offBecause: (read) =>
        read('card.parts.price.before') || read('card.parts.price.after') ? null : 'There are none',
      idle: ({ cards }, read) =>
        read('card.parts.price.words') === 'reduced' && cards.length > 0 && !cards.some(isReduced)
          ? 'Nothing that is shown is reduced'
          : null,
    }),
  },
  column: { align: 'end', least: 96, sorts: () => ['price', 'price-down'] },
  needs: [],
  text: TEXT,
  reads: (own) => ({ ...readsWords(own), words: own.words }),
  view: (item, own, { currency, selling, texts }): Said | null => {
    if (item.of !== 'products' || !showsPrices(selling)) return null;
    const { price } = item.product;
    return {
      ...saidPrice(price, currency, texts),
      own: own.words === 'always' || price.reduced !== null ? [own.before, own.after] : ['', ''],
    };
  },
  fullest: (view) => ({ ...view, before: view.before ?? view.now }),
  words: wordsOf,
  widthPx: priceWidthPx,
  hard: [
    {
      id: 'longest-price',
      name: 'Longest price',
      hardness: (view) => (view ? widthOf(wordsOf(view), TEXT) : null),
      said: (view) => wordsOf(view!),
    },
    {
      id: 'reduced',
      name: 'Reduced',
      hardness: (view) => (view?.before ? widthOf(wordsOf(view), TEXT) : null),
      said: (view) => `was ${view!.before}`,
      counted: 'reduced',
    },
    {
      id: 'reduced-in-one',
      name: 'Reduced, and variants cost more',
      hardness: (view) => (view?.before && view.from ? widthOf(wordsOf(view), TEXT) : null),
      said: (view) => wordsOf(view!),
    },
  ],
  heightPx: (view, _own, widthPx, _, size) => priceHeightPx(view, widthPx, size),
  say: () => 'price',
});
