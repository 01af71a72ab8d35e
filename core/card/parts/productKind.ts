import { linePartOf } from '../linePart.ts';

export const productKindPart = linePartOf({
  id: 'kind',
  of: ['products'],
  name: 'Kind of product',
  find: ['kind', 'type', 'single', 'variants', 'set', 'digital'],
  needs: ['kind'],
  words: (item, { texts }) =>
    item.of === 'products' && item.product.kind !== null ? texts.productKinds[item.product.kind] : null,
});
