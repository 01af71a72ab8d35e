import type { Order } from '../assortment/orders/index.ts';

/** One way in which a shopper may sort a list. */
interface Sort {
  /** As it stands in an address. */
  id: string;
  order: Order;
  /** What it is called for the owner; for shoppers it is among the texts of the store. */
  name: string;
}

/** Days of which sales count, where shoppers ask for what sells best. */
const SOLD_DAYS = 90;

/** Every way; the list's own order is none of them. */
export const SORTS = [
  { id: 'newest', order: { by: 'newest' }, name: 'Newest' },
  { id: 'best-sold', order: { by: 'bestSold', days: SOLD_DAYS }, name: 'Bestselling' },
  { id: 'price', order: { by: 'priceUp' }, name: 'Price, lowest first' },
  { id: 'price-down', order: { by: 'priceDown' }, name: 'Price, highest first' },
  { id: 'reduction', order: { by: 'reduction' }, name: 'Largest reduction' },
  { id: 'rating', order: { by: 'rating' }, name: 'Best rated' },
  { id: 'name', order: { by: 'title' }, name: 'Name' },
] as const satisfies readonly Sort[];

export type SortId = (typeof SORTS)[number]['id'];

export const SORT_IDS: readonly SortId[] = SORTS.map(({ id }) => id);

export const sortOf = (id: string): (typeof SORTS)[number] | undefined =>
  SORTS.find((sort) => sort.id === id);
