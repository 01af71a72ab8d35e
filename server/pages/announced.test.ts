import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { pagePath, wantedAt } from '../../core/pages/index.ts';
import { specimenBay } from '../../core/specimen/specimen.ts';
import { inTransaction } from '../db/pool.ts';
import { insertRelease } from '../publish/releaseRows.ts';
import { smallPlan } from '../specimen/database.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';
import { htmlPage } from './document.tsx';
import { storefront } from './storefront.ts';

let store: SmallStore;
/** Waits until whatever was announced so far has been heard. */
let heard: () => Promise<void>;

/** Products that tests write to by themselves, so that no other write may take them away or sell them out before. */
const KEPT = [3, 39, 17];

/** A home page with a shelf for each sort of thing that a list may depend on. */
function plan(): StoredPlan {
  const small = smallPlan();
  const shelves: StoredPlan['shelves'] = {
    cheap: {
      id: 'cheap',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'price', least: null, most: 1_030 }] },
        order: { by: 'priceUp' },
      },
    },
    reduced: {
      id: 'reduced',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
        order: { by: 'reduction' },
        soldOut: 'toTheEnd',
      },
    },
    rated: { id: 'rated', assortment: { of: 'products', order: { by: 'rating' }, limit: 6 } },
    few: {
      id: 'few',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'stock', state: 'atMost', most: 3 }] },
      },
    },
    chosen: {
      id: 'chosen',
      assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'collection', ids: [1] }] } },
    },
    named: {
      id: 'named',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'named', ids: KEPT }] },
        order: { by: 'asNamed' },
      },
    },
    coded: { id: 'coded', assortment: { of: 'products', order: { by: 'codeDown' }, limit: 4 } },
    made: { id: 'made', assortment: { of: 'products', order: { by: 'brandUp' }, limit: 4 } },
    groups: { id: 'groups', assortment: { of: 'categories' } },
    stories: { id: 'stories', assortment: { of: 'entries' } },
  };
  return {
    ...small,
    shelves: { ...small.shelves, ...shelves },
    pages: {
      ...small.pages,
      home: { ...small.pages.home!, bays: Object.keys(shelves).map((id) => specimenBay(id)) },
    },
  };
}

beforeAll(async () => {
  store = await smallStore();
  const { pool } = store.database;
  await pool.query(`UPDATE variant SET reduced = price - 100 WHERE product_id % 7 = 0`);
  await inTransaction(pool, (client) =>
    insertRelease(client, { plan: plan(), changes: [], accountId: null, now: NOW }),
  );
  const { pages } = store.server.parts;
  const names: string[] = [];
  const changed = pages.changed.bind(pages);
  pages.changed = (told) => {
    names.push(...told);
    changed(told);
  };
  let marks = 0;
  heard = async () => {
    marks += 1;
    await pool.query(`SELECT pg_notify('changed', $1)`, [`mark.${marks}`]);
    await expect.poll(() => names.includes(`mark.${marks}`)).toBe(true);
  };
});
afterAll(() => store.stop());

const withoutScripts = (html: string) => html.replaceAll(/<script[^>]*src=[^>]*><\/script>/g, '');

/** The page as it comes to from nothing that was kept. */
async function madeAnew(url: string): Promise<string> {
  const { parts } = store.server;
  const { kind, slug } = wantedAt(url)!;
  const address = { path: pagePath(kind, slug), from: {}, open: {} };
  const release = (await parts.live.get())!;
  const fresh = storefront(parts.db, { rollWindows: () => undefined, searchIn: () => undefined });
  const view = await fresh.view(release.plan, { kind, slug, query: {} }, address, NOW);
  return view ? htmlPage(view, parts.origin).html : '';
}

type Write = (product: number, roll: number) => string;

/** All that may happen to a catalogue. */
const WRITES: Record<string, Write> = {
  price: (id, roll) => `UPDATE variant SET price = ${900 + roll}, reduced = NULL WHERE product_id = ${id}`,
  reduction: (id, roll) => `UPDATE variant SET reduced = price - ${1 + (roll % 90)} WHERE product_id = ${id}`,
  stock: (id, roll) => `UPDATE variant SET stock = ${roll % 7} WHERE product_id = ${id}`,
  title: (id, roll) =>
    `UPDATE product SET title = 'Renamed ${roll}', title_key = 'renamed ${roll}' WHERE id = ${id}`,
  code: (id, roll) => `UPDATE product SET code = 'Z${roll}' WHERE id = ${id}`,
  madeBy: (id, roll) =>
    `WITH maker AS (INSERT INTO brand (slug, name) VALUES ('m${roll % 3}', 'Maker ${roll}') ON CONFLICT (slug) DO UPDATE SET name = excluded.name RETURNING id)
     UPDATE product SET brand_id = (SELECT id FROM maker) WHERE id = ${id}`,
  brandRenamed: (_, roll) => `UPDATE brand SET name = '${roll} makers' WHERE slug = 'm${roll % 3}'`,
  rating: (id, roll) =>
    `UPDATE product SET rating_sum = rating_sum + ${1 + (roll % 5)}, rating_count = rating_count + 1 WHERE id = ${id}`,
  comesOutLater: (id, roll) =>
    `UPDATE product SET on_sale_from = on_sale_from - make_interval(hours => ${roll}) WHERE id = ${id}`,
  intoCategory: (id) => `INSERT INTO product_category VALUES (${id}, 2) ON CONFLICT DO NOTHING`,
  outOfCategory: (id) => `DELETE FROM product_category WHERE product_id = ${id} AND category_id = 2`,
  intoCollection: (id) => `INSERT INTO collection_product VALUES (1, ${id}, ${id}) ON CONFLICT DO NOTHING`,
  outOfCollection: (id) => `DELETE FROM collection_product WHERE product_id = ${id}`,
  collectionByRule: () =>
    `UPDATE collection SET rule = CASE WHEN rule IS NULL THEN '{"join":"all","parts":[{"is":"price","least":1010,"most":null}]}'::jsonb END`,
  categoryRenamed: (_, roll) => `UPDATE category SET name = 'Some ${roll}' WHERE id = 2`,
  story: (_, roll) =>
    `INSERT INTO journal_entry (slug, title, published_at) VALUES ('s${roll}', 'Story ${roll}', '2026-11-01') ON CONFLICT DO NOTHING`,
  storyGone: () => `DELETE FROM journal_entry WHERE slug LIKE 's%'`,
  newProduct: (_, roll) =>
    `WITH new AS (INSERT INTO product (slug, title, title_key, on_sale_from) VALUES ('n${roll}', 'New ${roll}', 'new ${roll}', '2026-11-20') ON CONFLICT DO NOTHING RETURNING id)
     INSERT INTO variant (product_id, price, stock) SELECT id, ${900 + roll}, 3 FROM new`,
  productGone: (id) => `DELETE FROM product WHERE id = ${id} AND id > 36`,
  longText: (id, roll) =>
    `INSERT INTO product_text (product_id, long_text) VALUES (${id}, 'Text ${roll}') ON CONFLICT (product_id) DO UPDATE SET long_text = excluded.long_text`,
  option: (id, roll) =>
    `WITH o AS (INSERT INTO option (name) VALUES ('Glaze') ON CONFLICT (name) DO UPDATE SET name = 'Glaze' RETURNING id),
      v AS (INSERT INTO option_value (option_id, name) SELECT id, 'Value ${roll}' FROM o ON CONFLICT (option_id, name) DO UPDATE SET position = 1 RETURNING id)
     INSERT INTO variant_value SELECT variant.id, v.id FROM variant, v WHERE product_id = ${id} ON CONFLICT DO NOTHING`,
  order: (id, roll) =>
    `WITH o AS (INSERT INTO shop_order (placed_at) VALUES ('2026-11-23') RETURNING id)
     INSERT INTO order_line SELECT o.id, 1, ${id}, NULL, ${1 + (roll % 3)}, 900 FROM o`,
};

const anyProduct = fc.integer({ min: 1, max: 40 }).filter((id) => !KEPT.includes(id));

describe('what is served', () => {
  const urls = ['/', '/shop', '/category/some', '/product/piece-5', '/product/piece-12'];

  it('is what would be made anew, whatever happens to the catalogue', async () => {
    const kinds = Object.keys(WRITES);
    const any = fc.tuple(fc.constantFrom(...kinds), anyProduct, fc.nat(200));
    const writes = fc.sample(any, { numRuns: 32, seed: Number(process.env.TEST_SEED ?? 1) });
    for (const [i, [chance, product, roll]] of writes.entries()) {
      // Each kind once, then any.
      const kind = kinds[i] ?? chance;
      await store.database.pool.query(WRITES[kind]!(product, roll));
      await heard();
      for (const url of urls) {
        const anew = await madeAnew(url);
        // What is shown is right at once; which products a list holds, a moment later at the latest.
        await expect
          .poll(
            async () => {
              const { body, statusCode } = await store.get(url);
              return anew ? withoutScripts(body) === anew : statusCode === 404;
            },
            { timeout: 900, interval: 10, message: `${url} after ${kind} of ${product}, write ${i}` },
          )
          .toBe(true);
      }
    }
  }, 60_000);

  it('says a new price and a new title at once', async () => {
    const { pool } = store.database;
    for (let i = 0; i < 10; i += 1) {
      await store.get('/');
      await pool.query('UPDATE variant SET price = $1, reduced = NULL WHERE product_id = 3', [
        77_000 + i * 100,
      ]);
      await pool.query(`UPDATE product SET title = $1 WHERE id = 39`, [`Titled ${i}`]);
      await heard();
      const { body } = await store.get('/');
      expect(body).toContain(`£77${i}`);
      expect(body).toContain(`Titled ${i}`);
    }
  });

  it('stays at hand while what changes is neither shown there nor asked for by a rule', async () => {
    const { pages, live } = store.server.parts;
    const { pool } = store.database;
    const atHand = () => pages.peek(`${live.number()} ["/product/piece-5"]`, NOW);
    await pool.query('UPDATE variant SET stock = 50');
    await heard();
    await store.get('/product/piece-5');
    const before = atHand();
    expect(before).toBeDefined();
    await pool.query('UPDATE variant SET price = 4000, stock = 40 WHERE product_id = 6');
    await heard();
    expect(atHand()).toBe(before);
    await pool.query('UPDATE variant SET price = 4000 WHERE product_id = 5');
    await heard();
    expect(atHand()).toBeUndefined();
  });

  it('is not drawn anew where what changed makes no difference to it', async () => {
    const { pages, live } = store.server.parts;
    const { pool } = store.database;
    const atHand = () => pages.peek(`${live.number()} ["/"]`, NOW);
    // Whatever happened to it before, this product is on no shelf of the page.
    await pool.query('UPDATE collection SET rule = NULL');
    await pool.query('DELETE FROM collection_product WHERE product_id = 29');
    await pool.query('UPDATE variant SET price = 9000, reduced = NULL, stock = 50 WHERE product_id = 29');
    await pool.query(
      `UPDATE product SET rating_sum = 0, rating_count = 0, code = '', brand_id = NULL WHERE id = 29`,
    );
    await heard();
    const anew = await madeAnew('/');
    await expect
      .poll(async () => withoutScripts((await store.get('/')).body) === anew, { timeout: 900 })
      .toBe(true);
    const before = atHand()!;
    // No rule can tell by itself that a dear product stays too dear; its view does.
    await pool.query(`UPDATE variant SET price = price + 1 WHERE product_id = 29`);
    await heard();
    await expect.poll(atHand, { timeout: 900 }).toBeUndefined();
    await store.get('/');
    expect(atHand()!.plain).toBe(before.plain);
  });
});
