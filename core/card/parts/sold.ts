import { linePartOf } from '../linePart.ts';

export const soldPart = linePartOf({
  id: 'sold',
  of: ['products'],
  name: 'Number sold',
  find: ['sold', 'sales', 'bestselling', 'popular'],
  needs: ['sold'],
  column: { align: 'end', sorts: () => ['best-sold'] },
  words: (item, { texts }) =>
    item.of === 'products' && item.product.sold > 0 ? texts.sold(item.product.sold) : null,
});
