import { FIELD_ID } from '../assortment/clauses/field.ts';
import type { Order } from '../assortment/orders/index.ts';

/** One way in which a shopper may sort a list. */
interface Sort {
  /** As it stands in an address. */
  id: string;
  order: Order;
  /** What it is called for the owner; for shoppers it is among the texts of the store. */
  name: string;
  /** The highest, or the latest, comes first. */
  down?: boolean;
}

/** Days of which sales count, where shoppers ask for what sells best. */
const SOLD_DAYS = 90;

/** Every way; the list's own order is none of them. */
export const SORTS = [
  { id: 'newest', order: { by: 'newest' }, down: true, name: 'Newest' },
  { id: 'best-sold', order: { by: 'bestSold', days: SOLD_DAYS }, down: true, name: 'Bestselling' },
  { id: 'price', order: { by: 'priceUp' }, name: 'Price, lowest first' },
  { id: 'price-down', order: { by: 'priceDown' }, down: true, name: 'Price, highest first' },
  { id: 'reduction', order: { by: 'reduction' }, down: true, name: 'Largest reduction' },
  { id: 'rating', order: { by: 'rating' }, down: true, name: 'Best rated' },
  { id: 'name', order: { by: 'title' }, name: 'Name' },
  { id: 'name-down', order: { by: 'titleDown' }, down: true, name: 'Name, Z to A' },
  { id: 'code', order: { by: 'codeUp' }, name: 'Item code' },
  { id: 'code-down', order: { by: 'codeDown' }, down: true, name: 'Item code, Z to A' },
  { id: 'brand', order: { by: 'brandUp' }, name: 'Brand' },
  { id: 'brand-down', order: { by: 'brandDown' }, down: true, name: 'Brand, Z to A' },
  { id: 'stock', order: { by: 'stockUp' }, name: 'Stock, least first' },
  { id: 'stock-down', order: { by: 'stockDown' }, down: true, name: 'Stock, most first' },
] as const satisfies readonly Sort[];

export type SortId = (typeof SORTS)[number]['id'];

export const SORT_IDS: readonly SortId[] = SORTS.map(({ id }) => id);

export const sortOf = (id: string): (typeof SORTS)[number] | undefined =>
  SORTS.find((sort) => sort.id === id);

/** A way to sort as it stands in an address: one of those above, or by a field of the store's own. */
export type AnySort = string;

const BY_FIELD = 'field.';
const DOWN = '-down';

/** The way to sort by a field of the store's own. */
export const fieldSort = (field: string, down: boolean): AnySort => `${BY_FIELD}${field}${down ? DOWN : ''}`;

/** The order that a way to sort stands for; null where there is none of that name. */
export function orderOfSort(id: AnySort): Order | null {
  if (!id.startsWith(BY_FIELD)) return sortOf(id)?.order ?? null;
  const down = id.endsWith(DOWN);
  const field = id.slice(BY_FIELD.length, down ? -DOWN.length : undefined);
  return FIELD_ID.test(field) ? { by: 'field', field, down } : null;
}

/** Whether a way to sort begins with the highest, the latest, or Z. */
export function sortsDown(id: AnySort): boolean {
  const order = orderOfSort(id);
  return order?.by === 'field'
    ? order.down
    : (SORTS as readonly Sort[]).some((one) => one.id === id && one.down);
}
