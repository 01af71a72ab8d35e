import { randomBytes } from 'node:crypto';
import pg from 'pg';
import type { StoredBay } from '../../core/bays/index.ts';
import type { StoredPage } from '../../core/plan/page.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { specimenBay, specimenHouse } from '../../core/specimen/specimen.ts';
import { insertAccount } from '../accounts/accountRows.ts';
import { hashPassword } from '../accounts/passwords.ts';
import { migrate } from '../db/migrate.ts';
import { inTransaction, makePool, type Pool } from '../db/pool.ts';
import { writeWholeDraft } from '../drafts/draftRows.ts';
import { insertRelease } from '../publish/releaseRows.ts';
import { dropDatabase } from './dropDatabase.ts';

/** A database of its own on the PostgreSQL that the tests were given; dropped at the end. */
export interface TestDatabase {
  url: string;
  pool: Pool;
  drop(): Promise<void>;
}

export async function testDatabase(): Promise<TestDatabase> {
  const empty = await emptyDatabase();
  await migrate(empty.url);
  return empty;
}

/** One without anything in it. */
export async function emptyDatabase(): Promise<TestDatabase> {
  const base = process.env.TEST_DATABASE_URL;
  if (!base) throw new Error('TEST_DATABASE_URL is not set: "npm test" starts a PostgreSQL and sets it.');
  const name = `test_${randomBytes(6).toString('hex')}`;
  const asAdmin = async (work: (admin: pg.Client) => Promise<unknown>) => {
    const client = new pg.Client({ connectionString: base });
    await client.connect();
    await work(client).finally(() => client.end());
  };
  await asAdmin((admin) => admin.query(`CREATE DATABASE ${name}`));
  const url = new URL(base);
  url.pathname = `/${name}`;
  const pool = makePool(url.href);
  return {
    url: url.href,
    pool,
    async drop() {
      await pool.end();
      await asAdmin((admin) => dropDatabase(admin, name));
    },
  };
}

export const OWNER = { email: 'owner@specimen.example', password: 'wheel and kiln' };

/** Home, shop, category and product pages; all but the last with one shelf each. */
export function smallPlan(): StoredPlan {
  const kinds = ['home', 'shop', 'category'] as const;
  const page = (kind: string, bays: StoredBay[]): StoredPage => ({
    id: kind,
    kind,
    name: kind === 'home' ? 'Home' : 'Everything',
    bays,
  });
  const product = specimenBay('product', { holds: 'product', heading: { words: '' } });
  return {
    assortments: {},
    house: specimenHouse,
    pages: {
      ...Object.fromEntries(kinds.map((kind) => [kind, page(kind, [specimenBay(kind)])])),
      product: page('product', [product]),
    },
    shelves: Object.fromEntries(
      kinds.map((id) => [id, { id, ...(id !== 'home' && { paging: { by: 'numbered' as const } }) }]),
    ),
  };
}

/** Two categories, a collection, a journal entry and a few products. */
export async function fillCatalogue(pool: Pool, now: number, products = 40): Promise<void> {
  await pool.query(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1, NULL, 'all', 'All'), (2, 1, 'some', 'Some')`,
  );
  await pool.query(
    `INSERT INTO product (id, slug, title, title_key, on_sale_from)
     SELECT n, 'piece-' || n, 'Piece ' || n, 'piece ' || n, to_timestamp($2 / 1000.0) - make_interval(days => n) FROM generate_series(1, $1) n`,
    [products, now],
  );
  await pool.query(`INSERT INTO variant (product_id, price, stock) SELECT id, 1000 + id, 5 FROM product`);
  await pool.query(
    `INSERT INTO product_category (product_id, category_id) SELECT id, CASE WHEN id % 2 = 0 THEN 2 ELSE 1 END FROM product`,
  );
  await pool.query(`INSERT INTO collection (id, slug, name) VALUES (1, 'chosen', 'Chosen')`);
  await pool.query(`INSERT INTO collection_product SELECT 1, id, id FROM product WHERE id <= 6`);
  for (const of of ['category', 'collection'])
    await pool.query(`SELECT setval(pg_get_serial_sequence('${of}', 'id'), max(id)) FROM ${of}`);
  await pool.query(
    `INSERT INTO journal_entry (slug, title, summary, text, published_at) VALUES ('first', 'First', 'In short', $2, $1)`,
    [
      new Date(now - 86_400_000),
      JSON.stringify([{ type: 'paragraph', content: [{ type: 'text', text: 'At length' }] }]),
    ],
  );
}

/** The same catalogue with an owner, a draft and a release. */
export async function fillSmallStore(pool: Pool, now: number, products = 40): Promise<void> {
  await fillCatalogue(pool, now, products);
  await insertAccount(pool, {
    email: OWNER.email,
    name: 'Owner',
    role: 'owner',
    passwordHash: await hashPassword(OWNER.password),
  });
  const plan = smallPlan();
  await inTransaction(pool, async (client) => {
    await writeWholeDraft(client, plan, null);
    await insertRelease(client, { plan, changes: [], accountId: null, now });
  });
}
