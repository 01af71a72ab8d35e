import { readYesNo } from '../yesNo.ts';
import { VARIANTS, type ValuesFilterKind } from '../filterKind.ts';

export interface StockFilter {
  by: 'stock';
}

export const stockFilter: ValuesFilterKind<StockFilter> = {
  id: 'stock',
  parameter: 'in-stock',
  offers: () => [{ by: 'stock' }],
  named: () => 'In stock only',
  title: ({ inStockOnly }) => inStockOnly,
  chooses: 'one',
  drawn: 'box',
  read: (said) => readYesNo(said) || null,
  says: (_, { inStockOnly }) => inStockOnly,
  ofVariant: true,
  looksAt: ['inStock', VARIANTS],
  keys: (_, __, { available }) => (available ? [true] : []),
};
