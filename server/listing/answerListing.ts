import type { ProductAssortment } from '../../core/assortment/products.ts';
import { countFacets } from '../../core/listing/countFacets.ts';
import type { Facets } from '../../core/listing/facets.ts';
import { closedList, isClosed, isNarrowed, sorted, type Listing } from '../../core/listing/listing.ts';
import type { Among, ListingIndex } from '../../core/listing/listingIndex.ts';
import { isInSql, readProductIds, type IdPage } from '../assortments/productIds.ts';
import { Statement, type SqlWorld } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';
import { remainsSql } from './filterSql.ts';

/** Most products of a list that ends before its rule does. */
const MOST_CLOSED = 100_000;

/** Up to so many are looked up one by one; more are looked for in their order, which finds some of them soon. */
const MOST_NAMED = 4_000;

interface Asked {
  assortment: ProductAssortment;
  fallbacks: readonly ProductAssortment[];
  without: readonly number[];
  listing: Listing;
  start: number;
  count: number;
}

/** Whether a list is simply everything. */
const isEverything = (
  { rule, byHand, soldOut }: ProductAssortment,
  without: readonly number[],
  words: string,
) =>
  rule.parts.length === 0 &&
  byHand.leftOut.length === 0 &&
  soldOut !== 'out' &&
  without.length === 0 &&
  words === '';

/** The products that a list has before anything is chosen of it, as far as the words go that are searched within it. */
async function amongOf(
  db: Queryable,
  list: ProductAssortment,
  { without, listing: { words } }: Asked,
  index: ListingIndex,
  world: SqlWorld,
): Promise<Among> {
  if (isEverything(list, without, words)) return null;
  const statement = new Statement();
  const remains = words ? (of: Statement) => remainsSql({ choices: [], words }, of, world) : undefined;
  const where = isInSql(list, statement, world, { without, remains });
  const { rows } = await db.query<{ ids: number[] }>(
    `SELECT ARRAY(SELECT p.id FROM product p WHERE ${where}) AS ids`,
    statement.values,
  );
  return index.among(rows[0]!.ids);
}

/** One page of a list as a shopper narrows and sorts it, with what each filter would make of it. */
export async function answerListing(
  db: Queryable,
  asked: Asked,
  index: ListingIndex,
  world: SqlWorld,
): Promise<IdPage & { facets: Facets }> {
  const { assortment, fallbacks, without, listing, start, count } = asked;
  const closed = isClosed(assortment)
    ? await readProductIds(db, assortment, fallbacks, world, { start: 0, count: MOST_CLOSED, without })
    : null;
  const list = closed ? closedList(assortment, closed.ids, listing.sort) : sorted(assortment, listing.sort);
  // What is left out is not in a list that is resolved already.
  const left = closed ? [] : without;
  const among = await amongOf(db, list, { ...asked, without: left }, index, world);
  const { facets, remaining } = countFacets(index, among, listing.filters, listing.choices);
  const { total } = facets;
  const narrowed = isNarrowed(listing);
  const named = total <= MOST_NAMED ? remaining.map((place) => index.idAt(place)!) : null;
  const remains = (statement: Statement) =>
    named ? `p.id = ANY(${statement.ints(named)})` : remainsSql(listing, statement, world);
  const page = await readProductIds(db, list, [], world, {
    start,
    count,
    without: left,
    total,
    remains: narrowed ? remains : undefined,
  });
  return { ids: page.ids, total, own: narrowed ? total : (closed?.own ?? total), facets };
}
