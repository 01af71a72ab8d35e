import { formatMoney } from '../../catalogue/money.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf } from '../text.ts';

const TEXT = { fontPx: 16, linePx: 22, weight: 400 };

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
  view: (item, _, { currency, texts }) => {
    if (item.of !== 'products') return null;
    const { regular, reduced, from } = item.product.price;
    return {
      now: formatMoney(reduced ?? regular, currency),
      before: reduced === null ? null : formatMoney(regular, currency),
      from: from ? texts.from : null,
    };
  },
  fullest: (view) => ({ ...view, before: view.before ?? view.now }),
  heightPx: ({ now, before, from }, _own, widthPx) => {
    const words = [from ?? '', now, before ?? ''].filter(Boolean).join(' ');
    return linesOf(words, TEXT, widthPx) * TEXT.linePx;
  },
  say: () => 'price',
});
