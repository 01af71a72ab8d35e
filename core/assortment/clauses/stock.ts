import { number, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

export interface StockClause {
  is: 'stock';
  state: 'in' | 'out' | 'atMost';
  /** For `atMost`: this many at most, and one at least. */
  most: number;
}

export const stockClause: ClauseKind<StockClause> = {
  id: 'stock',
  name: 'Stock',
  find: ['stock', 'in stock', 'sold out', 'available', 'last few'],
  schema: object({
    is: string()
      .oneOf(['stock'] as const)
      .required(),
    state: string().oneOf(['in', 'out', 'atMost']).required(),
    most: number().integer().min(1).max(100_000).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'stock', state: 'in', most: 3 }),
  say: ({ state, most }) => [
    {
      text: state === 'in' ? 'in stock' : state === 'out' ? 'sold out' : `in stock, ${most} at most`,
      opens: 'clause',
    },
  ],
  looksAt: ['inStock', 'stock'],
  gone: () => [],
  holds: ({ state, most }, { inStock, stock }) => {
    if (state === 'out') return !inStock;
    return inStock && (state === 'in' || (stock !== null && stock <= most));
  },
  against: ({ state }, { inStock, stock }) => {
    if (state === 'out') return 'it is in stock';
    if (!inStock) return 'it is sold out';
    return stock === null ? 'its stock is not counted' : `it has ${stock} in stock`;
  },
};
