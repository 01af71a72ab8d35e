import { formatMoney } from '../../catalogue/money.ts';
import type { PartKind } from '../partKind.ts';
import { cardText } from '../text.ts';

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
  heightPx: () => cardText.price.linePx,
  say: () => 'price',
};
