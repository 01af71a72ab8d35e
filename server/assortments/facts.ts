import type { World } from '../../core/assortment/kinds.ts';
import type { Group } from '../../core/assortment/rule.ts';
import { readRule } from '../../core/plan/readRule.ts';
import { categoryTree, type CategoryTree } from '../../core/catalogue/categoryTree.ts';
import type { CollectionFacts, EntryFacts } from '../../core/catalogue/facts.ts';
import { storeDay } from '../../core/catalogue/storeTime.ts';
import type { House } from '../../core/plan/house.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import { readCollections, readEntries } from '../catalogue/groupRows.ts';
import type { Queryable } from '../db/pool.ts';
import { readListingWords, type WordRows } from '../listing/wordRows.ts';
import type { SqlWorld } from './statement.ts';

/** What every answer needs of the catalogue, read once and again when it has changed. */
export interface Facts {
  tree: CategoryTree;
  collections: CollectionFacts[];
  entries: EntryFacts[];
  collectionRules: ReadonlyMap<number, Group>;
  /** Names that filters go by. */
  words: WordRows;
  /** Mean of all ratings, millionths, rounded. */
  meanRating: number;
  /** Store day that the summed-up sales stand for. */
  soldWindowsAsOf: number | null;
  /** The language whose forms of words the search knows. */
  searchLanguage: string;
}

/** Rules of collections; one that cannot be read counts as holding for nothing. */
async function readCollectionRules(db: Queryable): Promise<Map<number, Group>> {
  const { rows } = await db.query<{ id: number; rule: unknown }>(
    'SELECT id, rule FROM collection WHERE rule IS NOT NULL',
  );
  const none: Group = { join: 'any', parts: [{ is: 'named', ids: [] }] };
  return new Map(rows.map(({ id, rule }) => [id, readRule(rule) ?? none]));
}

export async function readFacts(db: Queryable): Promise<Facts> {
  const [categories, collections, entries, collectionRules, words, ratings, figures] = await Promise.all([
    readCategories(db),
    readCollections(db),
    readEntries(db),
    readCollectionRules(db),
    readListingWords(db),
    db.query<{ sum: string; count: string }>(
      'SELECT coalesce(sum(rating_sum), 0) AS sum, coalesce(sum(rating_count), 0) AS count FROM product WHERE rating_count > 0',
    ),
    db.query<{ as_of: number | null; language: string }>(
      'SELECT windows_as_of AS as_of, search_language::text AS language FROM store_figures',
    ),
  ]);
  const { sum, count } = ratings.rows[0]!;
  const meanRating = Number(count) > 0 ? Math.round((1_000_000 * Number(sum)) / Number(count)) : 0;
  return {
    tree: categoryTree(categories),
    collections,
    entries,
    collectionRules,
    words,
    meanRating,
    soldWindowsAsOf: figures.rows[0]?.as_of ?? null,
    searchLanguage: figures.rows[0]!.language,
  };
}

/** All orders there are; asked each time, since orders come all the time. */
export async function readOrderCount(db: Queryable): Promise<number> {
  const { rows } = await db.query<{ orders: number }>('SELECT sum(orders)::int AS orders FROM order_count');
  return rows[0]?.orders ?? 0;
}

/** Who looks, and from where. */
export type SeenBy = Pick<World, 'around' | 'lookedAt' | 'product'>;

export const worldOf = (
  { tree, collectionRules, meanRating, soldWindowsAsOf }: Facts,
  house: Pick<House, 'timeZone' | 'newForDays'>,
  now: number,
  seenBy: SeenBy,
  orders = 0,
): SqlWorld => ({
  now,
  today: storeDay(now, house.timeZone),
  timeZone: house.timeZone,
  newForDays: house.newForDays,
  tree,
  collectionRules,
  meanRating,
  orders,
  soldWindowsAsOf,
  ...seenBy,
});

/** Sums up the sales of the spans that are asked for most, as of a store day; nothing where that is done. */
export async function rollSoldWindows(db: Queryable, today: number): Promise<void> {
  await db.query('SELECT roll_sold_windows($1)', [today]);
}
