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

  it('has the same products in the same order and the same counts as memory, for a thousand listings', async () => {
    await fc.assert(
      fc.asyncProperty(
        listingArbitrary,
        fc.array(askedArbitrary, { minLength: 40, maxLength: 40 }),
        async (records, all) => {
          await store(records);
          const products = await readRecords(database.pool);
          const read = await readListingRecords(database.pool);
          const byId = new Map(read.map((record) => [record.id, record]));
          const kept = listings(database.pool);
          const words = clauseKind('words');
          for (const asked of all) {
            const { assortment, fallbacks, listing, start, count } = asked;
            const has = (product: (typeof products)[number], said: string) =>
              words.holds({ is: 'words', words: said }, product, world, () => true);
            const resolved = (choices: Listing['choices']) =>
              resolveListing(
                assortment,
                fallbacks,
                products,
                byId,
                world,
                { ...listing, choices },
                (product) => !listing.words || has(product, listing.words),
                new Set(asked.without),
              );
            const wanted = resolved(listing.choices);
            const found = await answerListing(database.pool, asked, kept, world);
            expect(found.ids).toEqual(wanted.slice(start, start + count));
            expect(found.total).toBe(wanted.length);
            const unnarrowed = resolved([]).map((id) => byId.get(id)!);
            const { facets } = countFacets(listingIndex(unnarrowed), null, listing.filters, listing.choices);
            expect(unordered(found.facets)).toEqual(unordered(facets));
          }
        },
      ),
      { numRuns: 26 },
    );
  }, 240_000);
});

describe('what filters read, kept in the process', () => {
  const paths = async (index: Awaited<ReturnType<ReturnType<typeof listings>['index']>>) =>
    unordered(countFacets(index, null, allFilters, []).facets);

  it('is as the catalogue is, whatever is put in, changed and taken out', async () => {
    const plain = fc.sample(listingArbitrary, { numRuns: 30, seed: 7 }).find((all) => all.length > 12)!;
    const records = plain.map((record) => ({
      ...record,
      variants: record.variants.length ? record.variants : [{ values: [], paid: 500, available: true }],
    }));
    await store(records);
    const { pool } = database;
    const kept = listings(pool);
    const fresh = async () => paths(listingIndex(await readListingRecords(pool)));
    expect(await paths(await kept.index())).toEqual(await fresh());
    const id = records[3]!.id;
    await pool.query('UPDATE variant SET stock = 0 WHERE product_id = $1', [id]);
    await pool.query(`UPDATE product SET fields = '{"glaze": "ash"}', brand_id = 2 WHERE id = $1`, [
      records[4]!.id,
    ]);
    await pool.query('DELETE FROM product WHERE id = $1', [records[5]!.id]);
    await pool.query(
      `INSERT INTO product (id, slug, title, title_key, on_sale_from) VALUES (1000, 'new', 'New', 'new', now())`,
    );
    await pool.query('INSERT INTO variant (id, product_id, price) VALUES (5000, 1000, 4200)');
    // Nobody has said anything yet.
    expect(await paths(await kept.index())).not.toEqual(await fresh());
    kept.changed([`product.${id}`, `product.${records[4]!.id}`, 'rule.inStock']);
    kept.changed([`product.${records[5]!.id}`, 'rule', 'product.1000']);
    const [one, other] = await Promise.all([kept.index(), kept.index()]);
    expect(await paths(one)).toEqual(await fresh());
    expect(one).toBe(other);
    await pool.query('UPDATE product SET rating_sum = 9, rating_count = 2');
    kept.changed(['all']);
    expect(await paths(await kept.index())).toEqual(await fresh());
  });

  it('has the places of an order for the index that is asked about, and for no other', async () => {
    const { pool } = database;
    const kept = listings(pool);
    const index = await kept.index();
    const turned = listingIndex((await readListingRecords(pool)).reverse());
    const ids = async (of: typeof index) => {
      const places = await kept.inOrder({ by: 'oldest' }, of, world)!;
      return [...places].map((place) => of.ids()[place]);
    };
    const wanted = await ids(index);
    expect(wanted.length).toBeGreaterThan(5);
    expect(await ids(turned)).toEqual(wanted);
    expect(await ids(index)).toEqual(wanted);
    expect(kept.inOrder({ by: 'lookedAt' }, index, world)).toBeNull();
  });

  it('is read again after the database was away', async () => {
    const { pool } = database;
    let away = true;
    const flaky = {
      query: (...args: unknown[]) =>
        away ? Promise.reject(new Error('away')) : (pool.query as (...all: unknown[]) => unknown)(...args),
    } as unknown as typeof pool;
    const kept = listings(flaky);
    await expect(kept.index()).rejects.toThrow('away');
    away = false;
    const { size } = await kept.index();
    expect(size()).toBeGreaterThan(0);
    await pool.query('UPDATE variant SET stock = 0');
    kept.changed(['product.1', 'product.3', 'product.5', 'product.1000']);
    away = true;
    await expect(kept.index()).rejects.toThrow('away');
    away = false;
    const index = await kept.index();
    const record = await readSomeListingRecords(pool, [1000]);
    expect(record[0]!.variants[0]!.available).toBe(false);
    const at = index.placeOf(1000)!;
    expect([index.stocked()[at], index.variants()[at]]).toEqual([0, 1]);
  });
});
