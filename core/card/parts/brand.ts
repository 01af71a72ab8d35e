import type { PartKind } from '../partKind.ts';
import { cardText } from '../text.ts';

export const brandPart: PartKind = {
  id: 'brand',
  of: ['products'],
  name: 'Brand',
  find: ['brand', 'maker', 'vendor'],
  atFirst: false,
  view: (item) =>
    item.of === 'products' && item.product.brand ? { part: 'brand', text: item.product.brand } : null,
  heightPx: () => cardText.brand.linePx,
  say: () => 'brand',
};
