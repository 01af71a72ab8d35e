import { VARIANTS, type ValuesFilterKind } from '../filterKind.ts';

export interface StockFilter {
  by: 'stock';
}

export const stockFilter: ValuesFilterKind<StockFilter> = {
  id: 'stock',
  name: 'In stock only',
  find: ['stock', 'available', 'availability'],
  offers: () => [{ by: 'stock' }],
  named: () => 'In stock only',
  title: ({ inStockOnly }) => inStockOnly,
  chooses: 'one',
  drawn: 'box',
  says: (_, { inStockOnly }) => inStockOnly,
  ofVariant: true,
  looksAt: ['inStock', VARIANTS],
  keys: (_, __, { available }) => (available ? [true] : []),
};
