import type { Order } from '../assortment/orders/index.ts';
import type { ProductAssortment } from '../assortment/products.ts';
import type { Choice } from './choice.ts';
import type { Filter } from './filters/index.ts';

/** What a shopper made of a list of products, and what is to be counted of it. */
export interface Listing {
  /** Filters that are offered. */
  filters: readonly Filter[];
  /** Of those filters, one for each at most. */
  choices: readonly Choice[];
  /** What is searched within it; empty for nothing. */
  words: string;
  /** Null for the list's own order. */
  sort: Order | null;
}

/** Whether some of the list is left out by it. */
export const isNarrowed = ({ choices, words }: Pick<Listing, 'choices' | 'words'>): boolean =>
  choices.length > 0 || words !== '';

/** Whether a list ends before its rule does, or is topped up: then it is resolved before it is narrowed. */
export const isClosed = ({ limit, fallback }: ProductAssortment): boolean =>
  limit !== null || fallback?.then === 'topUp';

/** The list as a shopper sorts it, which sets pins aside. */
export const sorted = (assortment: ProductAssortment, sort: Order | null): ProductAssortment =>
  sort ? { ...assortment, order: sort, byHand: { ...assortment.byHand, pins: [] } } : assortment;

/** A list that was resolved to these products, in their order unless a shopper sorts them. */
export const closedList = (
  assortment: ProductAssortment,
  ids: readonly number[],
  sort: Order | null,
): ProductAssortment => ({
  of: 'products',
  rule: { join: 'all', parts: [{ is: 'named', ids: [...ids] }] },
  order: sort ?? { by: 'asNamed' },
  // In its own order it has been put there already.
  soldOut: sort ? assortment.soldOut : 'asTheyCome',
  byHand: { putIn: [], leftOut: [], pins: [] },
  limit: null,
  fallback: null,
});
