import fc from 'fast-check';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { GoodsAsked } from '../../core/api/goods.ts';
import type { Conflict } from '../../core/facts/factEdit.ts';
import type { Goods, GoodsRow } from '../../core/goods/goods.ts';
import { type GoodsEdit } from '../../core/goods/goodsEdit.ts';
import { undoneEdits } from '../../core/facts/factEdit.ts';
import { GOODS_SORT_IDS, MISSINGS } from '../../core/goods/goodsList.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
const run = (sql: string) => store.database.pool.query(sql);

beforeAll(async () => {
  store = await smallStore(130);
  await run(`SELECT setval(pg_get_serial_sequence('product', 'id'), 5000)`);
  await run(`INSERT INTO brand (id, slug, name) VALUES (1, 'ada', 'Ada & Sons'), (2, 'b', 'Bo')`);
  await run(
    `INSERT INTO field (id, name, type) VALUES ('height', 'Height', 'number'), ('glaze', 'Glaze', 'text')`,
  );
  await run(`INSERT INTO category (id, slug, name, catch_all) VALUES (9, 'rest', 'The rest', true)`);
  await run(`UPDATE product SET code = 'K%-' || id, brand_id = 1 + id % 2, position = nullif(id % 5, 0),
    rating_count = id % 3, rating_sum = (id % 3) * (1 + id % 5)`);
  await run(
    `INSERT INTO product_text (product_id, short_text, words) SELECT id, CASE WHEN id % 4 = 0 THEN '' ELSE 'In short' END, ARRAY['piece', id::text] FROM product WHERE id % 7 <> 0`,
  );
  await run(`UPDATE product_category SET category_id = 9 WHERE product_id % 10 = 0`);
  await run(
    `INSERT INTO variant (product_id, price, stock) SELECT id, 900, NULL FROM product WHERE id % 6 = 0`,
  );
});
afterAll(() => store.stop());

const all: GoodsAsked = { words: '', missing: null, within: null, sort: 'title', down: false, from: 0 };
const list = async (asked: Partial<GoodsAsked>) => {
  const answer = await store.owner.ask('POST', '/api/goods/list', { ...all, ...asked });
  expect(answer.statusCode).toBe(200);
  return answer.json<{ total: number; rows: GoodsRow[] }>();
};
const one = async (id: number) =>
  (await store.owner.ask('GET', `/api/goods/one?id=${id}`)).json<{ goods: Goods | null }>().goods;
const write = (edits: readonly Partial<GoodsEdit>[]) => store.owner.ask('POST', '/api/goods/edit', { edits });
const edit = (product: number, fact: string, was: unknown, is: unknown): GoodsEdit => ({
  product,
  of: 'product',
  part: null,
  fact,
  was,
  is,
});

describe('pictures of a product', () => {
  const stored = async (name: string, background: string) => {
    const file = await sharp({ create: { width: 8, height: 6, channels: 3, background } })
      .png()
      .toBuffer();
    const { owner } = store;
    const answer = await owner.ask('POST', `/api/pictures?name=${name}`, file, {
      headers: {
        cookie: owner.cookie,
        'x-csrf-token': owner.csrf,
        'content-type': 'application/octet-stream',
      },
    });
    return answer.json<{ picture: { id: string } }>().picture.id;
  };
  const at = (part: number | null, fact: string, was: unknown, is: unknown): GoodsEdit => ({
    product: 30,
    of: part === null ? 'product' : 'variant',
    part,
    fact,
    was,
    is,
  });

  it('keep their order and what they show of it, and are the first wherever there is room for one', async () => {
    const [red, blue] = [await stored('red', '#cc0000'), await stored('blue', '#0000cc')];
    expect((await write([at(null, 'pictureIds', [], [red, blue])])).json()).toEqual({ conflicts: [] });
    await run(`UPDATE product_picture SET alt = 'Of this product' WHERE product_id = 30 AND position = 1`);
    const turned = [at(null, 'pictureIds', [red, blue], [blue, red])];
    expect((await write(turned)).json()).toEqual({ conflicts: [] });
    const { rows } = await run(
      'SELECT picture_id, alt FROM product_picture WHERE product_id = 30 ORDER BY position',
    );
    expect(rows).toEqual([
      { picture_id: blue, alt: 'Of this product' },
      { picture_id: red, alt: '' },
    ]);
    const { rows: listed } = await list({ words: 'K%-30' });
    expect(listed[0]!.picture!.id).toBe(blue);
    // Another order is another value.
    const stale = await write([at(null, 'pictureIds', [red, blue], [])]);
    expect(stale.json<{ conflicts: Conflict<GoodsEdit>[] }>().conflicts[0]!.now).toEqual([blue, red]);
    const [variant] = (await one(30))!.variants;
    expect((await write([at(variant!.id, 'pictureId', null, red)])).json()).toEqual({ conflicts: [] });
    expect((await one(30))!.variants[0]!.pictureId).toBe(red);
    expect((await write(undoneEdits([at(null, 'pictureIds', [], [blue, red])]))).json()).toEqual({
      conflicts: [],
    });
    expect((await one(30))!.pictureIds).toEqual([]);
  });

  it('are those of the store, each once', async () => {
    const none = 'e'.repeat(64);
    expect((await write([at(null, 'pictureIds', [], [none])])).json()).toMatchObject({
      code: 'picture-gone',
    });
    const { variants } = (await one(30))!;
    const own = at(variants[0]!.id, 'pictureId', variants[0]!.pictureId, none);
    expect((await write([own])).json()).toMatchObject({ code: 'picture-gone' });
    const twice = await stored('twice', '#00cc00');
    expect((await write([at(null, 'pictureIds', [], [twice, twice])])).statusCode).toBe(400);
    expect((await write([at(null, 'pictureIds', [], ['x'])])).statusCode).toBe(400);
  });
});

describe('the list of all products', () => {
  it('has each once, in the order that is asked for and the other way about, however it is paged', async () => {
    for (const sort of GOODS_SORT_IDS) {
      const [up, down] = await Promise.all(
        [false, true].map(async (turned) => {
          const pages = await Promise.all([0, 100].map((from) => list({ sort, down: turned, from })));
          return pages.flatMap(({ rows }) => rows.map(({ id }) => id));
        }),
      );
      expect(new Set(up).size, sort).toBe(130);
      expect(down, sort).toEqual([...up!].reverse());
    }
    // Of what it shows of each, which is not always that of the variant that cards show.
    await run(`UPDATE variant SET reduced = 100 WHERE product_id IN (20, 40, 60)`);
    await run(
      `INSERT INTO variant (product_id, price, stock) SELECT id, 2000, id FROM product WHERE id IN (21, 41)`,
    );
    const shown = async (sort: GoodsAsked['sort'], of: (row: GoodsRow) => number) => {
      const { rows } = await list({ sort });
      return expect(rows.map(of), sort).toEqual(rows.map(of).sort((a, b) => a - b));
    };
    await shown('price', ({ price }) => price);
    await shown('stock', ({ stock, inStock }) => (inStock ? (stock ?? Infinity) : 0));
    await shown('rating', ({ rating }) => rating?.mean ?? 0);
  });

  it('counts what is missing as its filters find it', async () => {
    const counts = (await store.owner.ask('GET', '/api/goods/counts')).json<{
      all: number;
      missing: Record<string, number>;
    }>();
    expect(counts.all).toBe(130);
    for (const missing of MISSINGS)
      expect((await list({ missing })).total, missing).toBe(counts.missing[missing]);
    // Those in the catch-all alone are in no category.
    expect(counts.missing).toEqual({ picture: 130, category: 13, shortText: 46 });
    for (const { hasShortText } of (await list({ missing: 'shortText' })).rows)
      expect(hasShortText).toBe(false);
    for (const { categories } of (await list({ missing: 'category' })).rows) expect(categories).toEqual([]);
  });

  it('is searched by the beginnings of words and by the item code, whatever signs are in it', async () => {
    expect((await list({ words: 'PIECE 11' })).rows.map(({ id }) => id).sort((a, b) => a - b)).toEqual([
      11, 110, 111, 113, 114, 115, 116, 117, 118,
    ]);
    expect((await list({ words: 'k%-12' })).total).toBe(11);
    expect((await list({ words: 'k' })).total).toBe(130);
    expect((await list({ words: '%' })).total).toBe(0);
    expect((await list({ words: `' | x:*` })).total).toBe(0);
  });

  it('says stock of all variants together, and nothing of what is not counted', async () => {
    const { rows } = await list({});
    const byId = new Map(rows.map((row) => [row.id, row]));
    expect(byId.get(1)).toMatchObject({
      stock: 5,
      inStock: true,
      categories: ['All'],
      picture: null,
    });
    expect(byId.get(6)).toMatchObject({ stock: null, from: true, price: 900 });
  });

  it('takes anything, and answers in the hundreds alone', async () => {
    const asked = fc.record({
      words: fc.string({ maxLength: 200 }),
      missing: fc.option(fc.constantFrom(...MISSINGS)),
      sort: fc.constantFrom(...GOODS_SORT_IDS),
      down: fc.boolean(),
      from: fc.nat(10_000_000),
    });
    await fc.assert(
      fc.asyncProperty(asked, async (body) => {
        const answer = await store.owner.ask('POST', '/api/goods/list', body);
        expect(answer.statusCode, JSON.stringify(body)).toBeLessThan(500);
        if (answer.statusCode === 200)
          expect(answer.json<{ rows: unknown[] }>().rows.length).toBeLessThanOrEqual(100);
      }),
      { numRuns: 60 },
    );
    for (const wrong of [{ sort: 'colour' }, { missing: 'weight' }, { from: -1 }, { words: 7 }, { extra: 1 }])
      expect((await store.owner.ask('POST', '/api/goods/list', { ...all, ...wrong })).statusCode).toBe(400);
  });
});

describe('a product', () => {
  it('is set in all of its facts, seen by shoppers at once, found by its new words, and put back', async () => {
    const before = (await one(3))!;
    const variant = before.variants[0]!;
    const edits: GoodsEdit[] = [
      edit(3, 'title', 'Piece 3', 'Wide dish'),
      edit(3, 'code', 'K%-3', 'W-3'),
      edit(3, 'shortText', 'In short', 'Holds a loaf.'),
      edit(3, 'longText', '', 'At length.'),
      edit(3, 'brandId', 2, 1),
      edit(3, 'featured', false, true),
      edit(3, 'categoryIds', before.categoryIds, [1, 2]),
      edit(3, 'tags', [], ['wide', 'oven']),
      { product: 3, of: 'field', part: 'height', fact: 'value', was: null, is: 12.5 },
      // Both together, though neither would hold after the other alone.
      { product: 3, of: 'variant', part: variant.id, fact: 'price', was: 1003, is: 500 },
      { product: 3, of: 'variant', part: variant.id, fact: 'reduced', was: null, is: 400 },
      { product: 3, of: 'variant', part: variant.id, fact: 'stock', was: 5, is: 2 },
    ];
    expect((await write(edits)).json()).toEqual({ conflicts: [] });
    expect(await one(3)).toEqual({
      ...before,
      title: 'Wide dish',
      code: 'W-3',
      shortText: 'Holds a loaf.',
      longText: 'At length.',
      brandId: 1,
      featured: true,
      categoryIds: [1, 2],
      tags: ['oven', 'wide'],
      fields: { height: 12.5 },
      variants: [{ ...variant, price: 500, reduced: 400, stock: 2 }],
    });
    expect((await list({ words: 'ada oven' })).rows.map(({ id }) => id)).toEqual([3]);
    await expect
      .poll(async () => {
        const { body } = await store.get('/product/piece-3');
        return ['Wide dish', 'Holds a loaf.', '£4', 'Only 2 left'].every((words) => body.includes(words));
      })
      .toBe(true);
    expect((await write(undoneEdits(edits))).json()).toEqual({ conflicts: [] });
    expect(await one(3)).toEqual(before);
  });

  it('keeps what somebody else has changed meanwhile, and all else as well', async () => {
    await write([edit(4, 'code', 'K%-4', 'mine')]);
    const answer = await write([edit(5, 'title', 'Piece 5', 'Lost?'), edit(4, 'code', 'K%-4', 'theirs')]);
    expect(answer.json<{ conflicts: Conflict<GoodsEdit>[] }>().conflicts).toEqual([
      { edit: edit(4, 'code', 'K%-4', 'theirs'), now: 'mine', gone: false },
    ]);
    expect((await one(5))!.title).toBe('Piece 5');
    // Another fact of the same product is no conflict.
    expect((await write([edit(4, 'title', 'Piece 4', 'Dish')])).json()).toEqual({ conflicts: [] });
    await write([edit(4, 'title', 'Dish', 'Piece 4'), edit(4, 'code', 'mine', 'K%-4')]);
  });

  it('that two edit at once ends as one of them wrote it', async () => {
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) =>
        write([edit(8, 'code', 'K%-8', `of ${i}`), edit(9 + (i % 2), 'featured', false, false)]),
      ),
    );
    const done = answers.filter((one) => one.json<{ conflicts: unknown[] }>().conflicts.length === 0);
    expect(done).toHaveLength(1);
  });

  it('says what is gone, and what cannot be', async () => {
    const gone = (await write([edit(9_999, 'title', 'x', 'y')])).json<{ conflicts: Conflict<GoodsEdit>[] }>();
    expect(gone.conflicts[0]).toMatchObject({ gone: true });
    const { variants } = (await one(11))!;
    const of = (fact: string, was: unknown, is: unknown, part: unknown = variants[0]!.id) =>
      ({ product: 11, of: 'variant', part, fact, was, is }) as GoodsEdit;
    const refused = async (edits: GoodsEdit[], status: number, words: RegExp) => {
      const before = await one(11);
      const answer = await write(edits);
      expect([answer.statusCode, answer.json<{ message: string }>().message]).toEqual([
        status,
        expect.stringMatching(words),
      ]);
      expect(await one(11)).toEqual(before);
    };
    await refused([of('reduced', null, 1011)], 422, /reduced price of Piece 11 is not below its price/);
    await refused([of('price', 1011, -4)], 400, /not below nothing/);
    await refused(
      [{ product: 11, of: 'field', part: 'height', fact: 'value', was: null, is: 'tall' }],
      422,
      /Height cannot be "tall"/,
    );
    await refused(
      [{ product: 11, of: 'field', part: 'weight', fact: 'value', was: null, is: 3 }],
      422,
      /no field "weight"/,
    );
    await refused([edit(11, 'brandId', 2, 77)], 409, /does not fit/);
    await refused([edit(11, 'categoryIds', [1], [1, 66])], 409, /does not fit/);
    await refused([edit(11, 'title', 'Piece 11', 'a\u0000b')], 400, /./);
    // A variant of another product is none of this one.
    const strange = (await write([of('price', 1011, 5, (await one(12))!.variants[0]!.id)])).json<{
      conflicts: Conflict<GoodsEdit>[];
    }>();
    expect(strange.conflicts[0]).toMatchObject({ gone: true });
  });

  it('is not there under a number that there is not', async () => {
    expect(await one(9_999)).toBeNull();
    expect(await one(9_999_999_999)).toBeNull();
    expect((await store.owner.ask('GET', '/api/goods/one?id=abc')).statusCode).toBe(400);
  });

  it('is edited by those alone who have signed in', async () => {
    const answer = await store.server.app.inject({
      method: 'POST',
      url: '/api/goods/edit',
      payload: { edits: [] },
      headers: { 'sec-fetch-site': 'same-origin' },
    });
    expect(answer.statusCode).toBe(401);
  });
});

describe('a new product', () => {
  const add = (title: unknown, price: unknown) => store.owner.ask('POST', '/api/goods/new', { title, price });
  const added = async (title: string) => (await add(title, 1250)).json<{ id: number }>().id;
  const removed = async (id: number) =>
    (await store.owner.ask('POST', '/api/goods/removed', { id })).json<{ removed: boolean }>().removed;

  it('has an address of its own from its title, is found, and is sold out until its stock is set', async () => {
    const ids = await Promise.all(['Bright dish', 'Bright dish', ' Bright dish ', '!!!'].map(added));
    const goods = await Promise.all(ids.map(one));
    expect(new Set(goods.map((each) => each!.slug))).toEqual(
      new Set(['bright-dish', 'bright-dish-2', 'bright-dish-3', 'product']),
    );
    expect(goods[2]!.title).toBe('Bright dish');
    expect((await list({ words: 'bright' })).rows.map(({ id }) => id).sort()).toEqual(ids.slice(0, 3).sort());
    const { slug, variants } = goods[0]!;
    expect(variants).toMatchObject([{ price: 1250, reduced: null, stock: 0 }]);
    const told = async (words: string) => (await store.get(`/product/${slug}`)).body.includes(words);
    expect(await told('Sold out')).toBe(true);
    await write([{ product: ids[0]!, of: 'variant', part: variants[0]!.id, fact: 'stock', was: 0, is: 9 }]);
    await expect.poll(() => told('Add to basket')).toBe(true);
    // As long as an address may be, whatever it ends with.
    const long = await Promise.all([1, 2, 3].map(() => added('y'.repeat(90))));
    const slugs = (await Promise.all(long.map(one))).map((each) => each!.slug);
    expect(new Set(slugs).size).toBe(3);
    expect(Math.max(...slugs.map(({ length }) => length))).toBe(80);
    for (const id of [...ids, ...long]) expect(await removed(id)).toBe(true);
    expect(await one(ids[0]!)).toBeNull();
    expect((await store.get(`/product/${slug}`)).statusCode).toBe(404);
    expect(await removed(ids[0]!)).toBe(false);
  });

  it('stays once it was ordered, and is refused without a title or a price', async () => {
    const id = await added('Ordered dish');
    await run(`WITH o AS (INSERT INTO shop_order (placed_at) VALUES ('2026-11-23') RETURNING id)
      INSERT INTO order_line SELECT o.id, 1, ${id}, NULL, 1, 900 FROM o`);
    expect(await removed(id)).toBe(false);
    expect((await one(id))!.title).toBe('Ordered dish');
    for (const [title, price] of [
      ['', 1],
      ['  ', 1],
      ['x'.repeat(201), 1],
      ['x', -1],
      ['x', 1.5],
      ['x', null],
      [7, 1],
    ])
      expect((await add(title, price)).statusCode, JSON.stringify([title, price])).toBe(400);
  });
});
