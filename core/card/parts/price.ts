import { formatMoney } from '../../catalogue/money.ts';
import type { PartKind } from '../partKind.ts';
import { cardText, estimatedLines } from '../text.ts';

export const pricePart: PartKind = {
  id: 'price',
  of: ['products'],
  name: 'Price',
  find: ['price', 'reduced', 'cost', 'money'],
  atFirst: true,
  view: (item, { currency }) => {
    if (item.of !== 'products') return null;
    const { regular, reduced, from } = item.product.price;
    return {
      part: 'price',
      now: formatMoney(reduced ?? regular, currency),
      before: reduced === null ? null : formatMoney(regular, currency),
      from,
    };
  },
  heightPx: (view, _card, widthPx) => {
    if (view.part !== 'price') return 0;
    const words = [view.from ? 'from' : '', view.now, view.before ?? ''].filter(Boolean).join(' ');
    return estimatedLines(words, cardText.price, widthPx) * cardText.price.linePx;
  },
  say: () => 'price',
};
