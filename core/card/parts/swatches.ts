import { saidPrice, type SaidPrice } from '../../catalogue/saidPrice.ts';
import type { OptionFacts } from '../../catalogue/facts.ts';
import { counted } from '../../sentence/sentence.ts';
import { showsPrices } from '../../catalogue/selling.ts';
import { number, type Schema } from '../../schema/schema.ts';
import { choice, integer, own } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { SWATCH_PX } from '../../swatch/swatchPx.ts';
import { swatchViews, type SwatchView } from '../../swatch/swatchView.ts';
import { partKindOf } from '../partKind.ts';
import { rowsOfBoxes, type Box } from '../rowsOfBoxes.ts';
import { faceOf } from '../item.ts';
import { linesOf, widthOf } from '../text.ts';
import type { TextSize } from '../textSize.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

export interface CardSwatch extends Omit<SwatchView, 'photograph' | 'price' | 'chosen'> {
  /** What the card's picture becomes; null where it stays. */
  picture: SwatchView['photograph'];
  /** What its price becomes; null where it stays. */
  costs: SaidPrice | null;
}

interface Said {
  /** What they are the values of, as it is said aloud. */
  list: string;
  swatches: CardSwatch[];
  /** So many more values there are than are shown. */
  more: { count: number; words: string; said: string; href: string } | null;
  names: 'always' | 'hover' | 'never';
  changes: 'hover' | 'press' | 'nothing';
  sizePx: number;
}

/** The option that is shown: the one that is set, or the first that a product has a choice of. */
const ofOption = own<number | null>(
  number().integer().positive().nullable().defined() as Schema<number | null>,
  (id, names) => (id === null ? 'the first there is' : (names.option(id) ?? 'one that is gone')),
  { is: 'option', none: 'The first there is' },
);

/** One of them as it stands, where there is so much room for it. */
function boxOf({ face, name }: CardSwatch, { names, sizePx }: Said, size: TextSize, roomPx: number): Box {
  const { least, beside, padding, border } = SWATCH_PX;
  const lines = (px: number) => linesOf(name, size, px) * size.linePx;
  if (face.by === 'words') {
    const ends = 2 * (padding + border);
    return {
      widthPx: Math.max(least, widthOf(name, size) + ends),
      heightPx: Math.max(least, lines(roomPx - ends) + 2 * border),
    };
  }
  if (names !== 'always') return { widthPx: Math.max(least, sizePx), heightPx: Math.max(least, sizePx) };
  return {
    widthPx: Math.max(least, sizePx + beside + widthOf(name, size)),
    heightPx: Math.max(least, sizePx, lines(roomPx - sizePx - beside)),
  };
}

const boxesOf = (said: Said, size: TextSize, roomPx: number): Box[] => [
  ...said.swatches.map((swatch) => boxOf(swatch, said, size, roomPx)),
  ...(said.more
    ? [
        {
          widthPx: Math.max(SWATCH_PX.least, widthOf(said.more.words, size)),
          heightPx: Math.max(SWATCH_PX.least, size.linePx),
        },
      ]
    : []),
];

/** How many values there are, shown or not. */
const valuesOf = ({ swatches, more }: Said): number => swatches.length + (more?.count ?? 0);

/** The values of one of the product's options, each a link to the variant that has it. */
export const swatchesPart = partKindOf({
  id: 'swatches',
  of: ['products'],
  name: 'Swatches',
  find: ['swatch', 'colour', 'option', 'variant', 'finish', 'size'],
  atFirst: false,
  settings: {
    option: setting(ofOption, null, { name: 'Swatches: which option', find: ['option', 'swatch'] }),
    shows: setting(
      choice({
        store: 'As the store does',
        photograph: "The variant's photograph",
        words: 'Words',
      }),
      'store',
      {
        name: 'Swatches: what they show',
        find: ['swatch', 'photograph', 'words', 'colour'],
        about: 'What each value is shown by is set for the whole store.',
      },
    ),
    shape: setting(choice({ round: 'Round', square: 'Square' }), 'round', {
      name: 'Swatches: shape',
      find: ['swatch', 'round', 'square', 'shape'],
    }),
    size: setting(integer(16, 64, 'px', { step: 2 }), 24, {
      name: 'Swatches: size',
      find: ['swatch', 'size'],
    }),
    names: setting(choice({ always: 'Always', hover: 'On hover', never: 'Never' }), 'hover', {
      name: 'Swatches: name',
      find: ['swatch', 'name'],
      about: 'Always said to who cannot see them.',
    }),
    most: setting(integer(1, 12, 'swatches'), 5, {
      name: 'Swatches: at most',
      find: ['swatch', 'how many', 'more'],
    }),
    changes: setting(choice({ hover: 'On hover', press: 'On press', nothing: 'Never' }), 'hover', {
      name: 'Swatches: change picture and price',
      find: ['swatch', 'picture', 'hover', 'press', 'price'],
      about: 'Without script, a swatch is a link to the product with that value chosen.',
    }),
  },
  scripted: () => true,
  column: { least: 128 },
  needs: ['options'],
  takesPresses: true,
  text: TEXT,
  reads: ({ option, shows, size, names, most, changes }) => ({ option, shows, size, names, most, changes }),
  view: (item, set, { currency, selling, swatches, texts }): Said | null => {
    if (item.of !== 'products') return null;
    const { product } = item;
    const option: OptionFacts | undefined = product.options.find(
      ({ id }) => set.option === null || id === set.option,
    );
    if (!option) return null;
    const by = set.shows === 'store' ? null : set.shows;
    const all = swatchViews(product, option, by, { texts, swatches });
    const left = all.length - set.most;
    // Where all cost the same, the price stays as it is.
    const changesPrice = showsPrices(selling) && product.price.from;
    return {
      list: texts.optionOf(option.name, product.title),
      swatches: all.slice(0, set.most).map(({ photograph, price, chosen: _, ...swatch }) => ({
        ...swatch,
        picture: set.changes === 'nothing' ? null : photograph,
        costs: set.changes !== 'nothing' && changesPrice ? saidPrice(price, currency, texts) : null,
      })),
      more:
        left > 0
          ? {
              count: left,
              words: texts.moreValues(left),
              said: texts.moreValuesOf(left, option.name, product.title),
              href: faceOf(item).href,
            }
          : null,
      names: set.names,
      changes: set.changes,
      sizePx: set.size,
    };
  },
  fullest: (view) => view,
  words: ({ swatches }) => swatches.map(({ name }) => name).join(', '),
  widthPx: (view, size) => {
    const boxes = boxesOf(view, size, Infinity);
    return boxes.reduce((sum, { widthPx }) => sum + widthPx, 0) + SWATCH_PX.gap * (boxes.length - 1);
  },
  heightPx: (view, _, widthPx, __, size) => {
    const rows = rowsOfBoxes(boxesOf(view, size, widthPx), SWATCH_PX.gap, widthPx);
    return rows.reduce((sum, px) => sum + px, 0) + SWATCH_PX.gap * (rows.length - 1);
  },
  hard: [
    {
      id: 'most-swatches',
      name: 'Most options',
      hardness: (view) => (view ? valuesOf(view) : null),
      said: (view) => counted(valuesOf(view!), 'value'),
    },
  ],
  laterPictures: ({ swatches }) => swatches.flatMap(({ picture }) => picture ?? []),
  css: (scope, { shape, size }) =>
    `${scope}{--swatch:${size}px;--swatch-round:${shape === 'round' ? '50%' : '3px'}}`,
  say: () => 'swatches',
});
