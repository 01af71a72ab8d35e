import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clauseKind } from '../../core/assortment/clauses/index.ts';
import { countFacets } from '../../core/listing/countFacets.ts';
import type { Facets } from '../../core/listing/facets.ts';
import type { Listing } from '../../core/listing/listing.ts';
import { listingIndex } from '../../core/listing/listingIndex.ts';
import type { ListingRecord } from '../../core/listing/record.ts';
import { resolveListing } from '../../core/listing/resolveListing.ts';
import { allFilters, choicesArbitrary, listingArbitrary } from '../../core/specimen/listings.ts';
import { assortmentArbitrary, orderArbitrary, SPECIMEN_NOW } from '../../core/specimen/rules.ts';
import { readRecords } from '../assortments/records.ts';
import type { SqlWorld } from '../assortments/statement.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { specimenWorld } from '../specimen/sqlWorld.ts';
import { insertInto } from '../specimen/insertInto.ts';
import { answerListing } from './answerListing.ts';
import { readListingRecords, readSomeListingRecords } from './listingRows.ts';
import { listings } from './listings.ts';

const WORDS = ['fog', 'fogbank', 'tide', 'gift'];

let database: TestDatabase;
let world: SqlWorld;

beforeAll(async () => {
  database = await testDatabase();
  const { pool } = database;
  await pool.query(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1,NULL,'a','A'),(2,1,'b','B'),(3,2,'c','C'),(4,1,'d','D'),(5,NULL,'e','E')`,
  );
  await pool.query(`INSERT INTO brand (id, slug, name) VALUES (1,'a','A'),(2,'b','B'),(3,'c','C')`);
  await pool.query(`INSERT INTO collection (id, slug, name) VALUES (1,'a','A')`);
  await pool.query(`INSERT INTO option (id, name) VALUES (1,'Glaze'),(2,'Size')`);
  await pool.query(
    `INSERT INTO option_value (id, option_id, name) SELECT n, CASE WHEN n < 5 THEN 1 ELSE 2 END, n FROM generate_series(1, 7) n`,
  );
  world = { ...(await specimenWorld(pool)), lookedAt: [3, 1] };
});
afterAll(() => database.drop());

const insert = (table: string, columns: Record<string, string>, rows: readonly object[]) =>
  insertInto(database.pool, table, columns, rows);

/** Products with all their variants; what is shown of them the database finds by itself. */
async function store(records: readonly ListingRecord[]): Promise<void> {
  await database.pool.query('TRUNCATE product CASCADE');
  await insert(
    'product',
    {
      id: 'int',
      slug: 'text',
      title: 'text',
      title_key: 'text',
      brand_id: 'int',
      on_sale_from: 'timestamptz',
      rating_sum: 'int',
      rating_count: 'int',
      fields: 'jsonb',
    },
    records.map(({ id, brandId, ratingSum, ratingCount, fields }) => ({
      id,
      slug: `p${id}`,
      title: '',
      title_key: `${id % 5}`,
      brand_id: brandId,
      on_sale_from: new Date(SPECIMEN_NOW - (id % 7) * 1000),
      rating_sum: ratingSum,
      rating_count: ratingCount,
      fields,
    })),
  );
  const of = <T extends object>(rows: (record: ListingRecord) => readonly T[]) =>
    records.flatMap((record) => rows(record).map((row) => ({ product_id: record.id, ...row })));
  await insert(
    'product_text',
    { product_id: 'int', words: 'text[]' },
    of(({ id }) => [{ words: [WORDS[id % WORDS.length]!, 'jug'] }]),
  );
  await insert(
    'product_tag',
    { product_id: 'int', tag: 'text' },
    of(({ tags }) => tags.map((tag) => ({ tag }))),
  );
  await insert(
    'product_category',
    { product_id: 'int', category_id: 'int' },
    of(({ categoryIds }) => categoryIds.map((id) => ({ category_id: id }))),
  );
  const variants = of(({ variants: all }) => all.map((variant) => ({ variant }))).map((row, i) => ({
    ...row,
    id: i + 1,
  }));
  await insert(
    'variant',
    { id: 'int', product_id: 'int', price: 'int', reduced: 'int', stock: 'int' },
    variants.map(({ id, product_id, variant: { paid, available } }) => ({
      id,
      product_id,
      // Some are reduced to what is paid, and some are not counted.
      ...(paid > 0 && id % 3 === 0 ? { price: paid + 50, reduced: paid } : { price: paid, reduced: null }),
      stock: available ? (id % 2 ? null : 2) : 0,
    })),
  );
  await insert(
    'variant_value',
    { variant_id: 'int', option_value_id: 'int' },
    variants.flatMap(({ id, variant: { values } }) =>
      values.map(([, value]) => ({ variant_id: id, option_value_id: value })),
    ),
  );
}

/** Facets in an order that does not matter. */
const unordered = ({ total, filters }: Facets) => ({
  total,
  filters: filters.map((one) =>
    'values' in one
      ? Object.fromEntries(one.values.map(({ key, count }) => [`${typeof key} ${key}`, count]))
      : one.span,
  ),
});

const askedArbitrary = fc.record({
  assortment: assortmentArbitrary,
  fallbacks: fc.array(assortmentArbitrary, { maxLength: 1 }),
  without: fc.uniqueArray(fc.integer({ min: 1, max: 80 }), { maxLength: 4 }),
  listing: fc.record({
    filters: fc.constant(allFilters),
    choices: choicesArbitrary,
    words: fc.constantFrom('', '', '', 'fog', 'tide jug', 'FOGB', 'none'),
    sort: fc.option(orderArbitrary.filter(({ by }) => by !== 'asNamed')),
  }) satisfies fc.Arbitrary<Listing>,
  start: fc.integer({ min: 0, max: 6 }),
  count: fc.integer({ min: 0, max: 40 }),
});

type Asked = typeof askedArbitrary extends fc.Arbitrary<infer T> ? T : never;

describe('a listing from the database', () => {
  it('reads of products what was put in', async () => {
    await fc.assert(
      fc.asyncProperty(listingArbitrary, async (records) => {
        await store(records);
        const read = await readListingRecords(database.pool);
        const plain = (all: readonly ListingRecord[]) =>
          all.map(({ isReduced: _, ...one }) => ({
            ...one,
            categoryIds: [...one.categoryIds].sort(),
            tags: [...one.tags].sort(),
          }));
        expect(plain(read)).toEqual(plain(records));
        const some = records.filter((_, i) => i % 3 === 0).map(({ id }) => id);
        const again = await readSomeListingRecords(database.pool, [...some, 999]);
        expect(again.sort((a, b) => a.id - b.id)).toEqual(read.filter(({ id }) => some.includes(id)));
      }),
      { numRuns: 12 },
    );
  });

  /** Holds listings of one random catalogue, as they are asked in a world, to what memory makes of them. */
  const agrees = async (
    records: readonly ListingRecord[],
    all: readonly (readonly [Asked, SqlWorld])[],
  ): Promise<void> => {
    await store(records);
    const products = await readRecords(database.pool);
    const read = await readListingRecords(database.pool);
    const byId = new Map(read.map((record) => [record.id, record]));
    const kept = listings(database.pool);
    const words = clauseKind('words');
    for (const [asked, within] of all) {
      const { assortment, fallbacks, listing, start, count } = asked;
      const has = (product: (typeof products)[number]) =>
        !listing.words || words.holds({ is: 'words', words: listing.words }, product, within, () => true);
      const above = new Set(asked.without);
      const resolved = (choices: Listing['choices']) =>
        resolveListing(assortment, fallbacks, products, byId, within, { ...listing, choices }, has, above);
      const wanted = resolved(listing.choices);
      const found = await answerListing(database.pool, asked, kept, within);
      expect(found.ids).toEqual(wanted.slice(start, start + count));
      expect(found.total).toBe(wanted.length);
      const unnarrowed = resolved([]).map((id) => byId.get(id)!);
      const { facets } = countFacets(listingIndex(unnarrowed), null, listing.filters, listing.choices);
      expect(unordered(found.facets)).toEqual(unordered(facets));
    }
  };
  const fortyOf = <T>(one: fc.Arbitrary<T>) => fc.array(one, { minLength: 40, maxLength: 40 });

  it('has the same products in the same order and the same counts as memory, for a thousand listings', async () => {
    await fc.assert(
      fc.asyncProperty(listingArbitrary, fortyOf(askedArbitrary), (records, all) =>
        agrees(
          records,
          all.map((asked) => [asked, world]),
        ),
      ),
      { numRuns: 26 },
    );
  }, 240_000);

  it('has them of what a search found as well, the best match first', async () => {
    const searched = fc
      .tuple(askedArbitrary, fc.uniqueArray(fc.integer({ min: 1, max: 80 }), { maxLength: 40 }), fc.boolean())
      .map(([asked, ids, best]): [Asked, SqlWorld] => {
        const assortment: Asked['assortment'] = {
          ...asked.assortment,
          rule: { join: 'all', parts: [{ is: 'around' }] },
          ...(best && { order: { by: 'bestMatch' } }),
        };
        return [
          { ...asked, assortment },
          { ...world, around: { of: 'search', words: 'fog', ids } },
        ];
      });
    await fc.assert(
      fc.asyncProperty(listingArbitrary, fortyOf(searched), (records, all) => agrees(records, all)),
      { numRuns: 8 },
    );
  }, 120_000);
});
