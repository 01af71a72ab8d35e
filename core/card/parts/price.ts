import { formatMoney } from '../../catalogue/money.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 16, linePx: 22, weight: 400 };

const REDUCED = { ...TEXT, weight: 560 };
/** Before the price that was, px, besides the space between words. */
const BEFORE_GAP_PX = 7;

interface Said {
  now: string;
  /** What it was. */
  before: string | null;
  from: string | null;
}

const wordsOf = ({ now, before, from }: Said) => [from, now, before].filter(Boolean).join(' ');

export const pricePart = partKindOf({
  id: 'price',
  of: ['products'],
  name: 'Price',
  find: ['price', 'reduced', 'cost', 'money'],
  atFirst: true,
  settings: {},
  needs: [],
  text: TEXT,
  reads: () => null,
  view: (item, _, { currency, texts }): Said | null => {
    if (item.of !== 'products') return null;
    const { regular, reduced, from } = item.product.price;
    return {
      now: formatMoney(reduced ?? regular, currency),
      before: reduced === null ? null : formatMoney(regular, currency),
      from: from ? texts.from : null,
    };
  },
  fullest: (view) => ({ ...view, before: view.before ?? view.now }),
  words: wordsOf,
  widthPx: (view) =>
    view.before === null
      ? widthOf(wordsOf(view), TEXT)
      : widthOf(`${wordsOf({ ...view, before: null })} `, REDUCED) +
        BEFORE_GAP_PX +
        widthOf(view.before, TEXT),
  heightPx: (view, _own, widthPx) =>
    linesOf(wordsOf(view), view.before === null ? TEXT : REDUCED, widthPx) * TEXT.linePx,
  say: () => 'price',
});
