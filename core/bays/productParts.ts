import { idsOnce } from '../schema/idsOnce.ts';
import { array, boolean, object, string, type Schema } from '../schema/schema.ts';

/** What a product can be told by beside its pictures, by id, in the order in which it is offered. */
export const PRODUCT_PARTS = {
  brand: 'Brand',
  title: 'Title',
  rating: 'Rating',
  price: 'Price',
  labels: 'Labels',
  shortText: 'Short description',
  options: 'Options',
  stock: 'Stock',
  buying: 'Buying',
  save: 'Save for later',
  ask: 'Question about it',
  longText: 'Long description',
  fields: 'Fields',
  details: 'Link to its own page',
} as const;
export type ProductPartId = keyof typeof PRODUCT_PARTS;

/** One of them where it stands. */
export interface ProductPart {
  id: ProductPartId;
  /** It shares the row of the one before it. */
  beside?: boolean | undefined;
}

/** The part that heads the page, which stays. */
export const TITLE_PART: ProductPartId = 'title';

const ids = Object.keys(PRODUCT_PARTS) as ProductPartId[];
export const MOST_PRODUCT_PARTS = ids.length;

/** All but the link to the page that it is on; labels beside the price, and a question beside saving. */
export const firstParts: readonly ProductPart[] = ids
  .filter((id) => id !== 'details')
  .map((id) => (id === 'labels' || id === 'ask' ? { id, beside: true } : { id }));

export const productPartsSchema = array(
  object({
    id: string().oneOf(ids, 'A product has no such part.').required(),
    beside: boolean(),
  })
    .noUnknown()
    .required(),
)
  .test('once', 'A part of the product is there twice.', idsOnce)
  .test('title', 'The title heads the page, so that it stays.', (parts) =>
    ((parts ?? []) as ({ id?: string } | null)[]).some((one) => one?.id === TITLE_PART),
  )
  .required() as unknown as Schema<ProductPart[]>;

/** Parts by rows, of those that have something to show: one beside another begins the row where that has nothing. */
export function partRows(
  parts: readonly ProductPart[],
  has: (id: ProductPartId) => boolean,
): ProductPartId[][] {
  const rows: ProductPartId[][] = [];
  // Of the row that is meant, whether or not anything of it is shown yet.
  let row: ProductPartId[] | null = null;
  for (const { id, beside } of parts) {
    if (!beside || !row) row = [];
    if (!has(id)) continue;
    if (row.length === 0) rows.push(row);
    row.push(id);
  }
  return rows;
}
