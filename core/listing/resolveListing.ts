import { resolveProducts } from '../assortment/evaluate.ts';
import type { ProductRecord, World } from '../assortment/kinds.ts';
import type { ProductAssortment } from '../assortment/products.ts';
import { remains } from './choice.ts';
import { closedList, isClosed, sorted, type Listing } from './listing.ts';
import type { ListingRecord } from './record.ts';

/**
 * Ids of a list as a shopper narrows and sorts it, in order: the specification that the database is tested against. A
 * list that ends, or is topped up, is resolved first and keeps its order; pins of any other stand at their places among
 * what remains.
 * @param records of the same products, by id
 * @param hasWords whether a product has what is searched within the list
 */
export function resolveListing(
  assortment: ProductAssortment,
  fallbacks: readonly ProductAssortment[],
  products: readonly ProductRecord[],
  records: ReadonlyMap<number, ListingRecord>,
  world: World,
  listing: Listing,
  hasWords: (product: ProductRecord) => boolean,
  shownAbove: ReadonlySet<number> = new Set(),
): number[] {
  const left = products.filter(
    (product) =>
      hasWords(product) && records.has(product.id) && remains(records.get(product.id)!, listing.choices),
  );
  if (!isClosed(assortment))
    return resolveProducts(sorted(assortment, listing.sort), [], left, world, shownAbove).ids;
  const { ids } = resolveProducts(assortment, fallbacks, products, world, shownAbove);
  return resolveProducts(closedList(assortment, ids, listing.sort), [], left, world).ids;
}
