import { withPins } from '../../core/assortment/pins.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { countFacets } from '../../core/listing/countFacets.ts';
import type { Facets } from '../../core/listing/facets.ts';
import { closedList, isClosed, isNarrowed, sorted, type Listing } from '../../core/listing/listing.ts';
import type { Among, ListingIndex } from '../../core/listing/listingIndex.ts';
import { readProductIds, type IdPage } from '../assortments/productIds.ts';
import type { SqlWorld, Statement } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';
import { amongOf, foundIds } from './among.ts';
import type { Listings } from './listings.ts';

/** Most products of a list that ends before its rule does. */
const MOST_CLOSED = 100_000;

interface Asked {
  assortment: ProductAssortment;
  fallbacks: readonly ProductAssortment[];
  without: readonly number[];
  listing: Listing;
  start: number;
  count: number;
}

interface Span {
  start: number;
  count: number;
}

/** Ids of what remains, in an order that is known: as many as are asked for. */
function pageOf(
  { byHand, soldOut }: ProductAssortment,
  index: ListingIndex,
  inOrder: Int32Array,
  remaining: Among,
  total: number,
  { start, count }: Span,
): number[] {
  const [ids, stocked] = [index.ids(), index.stocked()];
  const pins = byHand.pins.filter(({ id }) => remaining[index.placeOf(id) ?? -1] === 1);
  const pinned = new Set(pins.map(({ id }) => id));
  const wanted = start + count;
  const rest: number[] = [];
  const gather = (isNow: (place: number) => boolean) => {
    for (let i = 0; i < inOrder.length && rest.length < wanted; i += 1) {
      const place = inOrder[i]!;
      if (remaining[place] === 1 && isNow(place) && !pinned.has(ids[place]!)) rest.push(ids[place]!);
    }
  };
  if (soldOut === 'toTheEnd') {
    gather((place) => stocked[place] === 1);
    gather((place) => stocked[place] === 0);
  } else gather(() => true);
  return withPins(pins, total, { rest, restFrom: 0 }, { start, end: wanted });
}

/** One page of a list as a shopper narrows and sorts it, with what each filter would make of it. */
export async function answerListing(
  db: Queryable,
  asked: Asked,
  kept: Listings,
  world: SqlWorld,
): Promise<IdPage & { facets: Facets }> {
  const { assortment, fallbacks, without, listing, start, count } = asked;
  const { words } = listing;
  const index = await kept.index();
  const closed = isClosed(assortment)
    ? await readProductIds(db, assortment, fallbacks, world, { start: 0, count: MOST_CLOSED, without })
    : null;
  const list = closed ? closedList(assortment, closed.ids, listing.sort) : sorted(assortment, listing.sort);
  // What is left out is not in a list that is resolved already.
  const left = closed ? [] : without;
  const among = await amongOf(db, list, { without: left, words }, index, world);
  const { facets, remaining } = countFacets(index, among, listing.filters, listing.choices);
  const { total } = facets;
  const narrowed = isNarrowed(listing);
  const own = narrowed ? total : (closed?.own ?? total);
  if (total === 0 || count === 0) return { ids: [], total, own, facets };
  const there =
    closed && !listing.sort ? closed.ids : list.order.by === 'bestMatch' ? foundIds(list, world) : null;
  const inOrder = there ? placesOf(index, there) : await kept.inOrder(list.order, index, world);
  if (inOrder) {
    const mask = new Uint8Array(index.size());
    for (const place of remaining) mask[place] = 1;
    return { ids: pageOf(list, index, inOrder, mask, total, { start, count }), total, own, facets };
  }
  // A shopper's own order is asked of the database, among what is left.
  const ids = index.ids();
  const remains = (statement: Statement) =>
    `p.id = ANY(${statement.ints(remaining.map((place) => ids[place]!))})`;
  const page = await readProductIds(db, list, [], world, {
    start,
    count,
    without: left,
    total,
    remains: narrowed ? remains : undefined,
  });
  return { ids: page.ids, total, own, facets };
}

const placesOf = (index: ListingIndex, ids: readonly number[]): Int32Array =>
  Int32Array.from(ids.flatMap((id) => index.placeOf(id) ?? []));
