import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newAssortment } from '../../core/assortment/assortment.ts';
import type { Conflict } from '../../core/facts/factEdit.ts';
import { undoneEdits } from '../../core/facts/factEdit.ts';
import type { GoodsRow } from '../../core/goods/goods.ts';
import type { Vocabulary } from '../../core/catalogue/vocabulary.ts';
import type { Within } from '../../core/goods/goodsList.ts';
import type { Grouping, GroupingOf } from '../../core/groupings/grouping.ts';
import type { GroupingEdit } from '../../core/groupings/groupingEdit.ts';
import { choiceOf } from '../goods/choiceRows.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
const run = (sql: string, values?: unknown[]) => store.database.pool.query(sql, values);

beforeAll(async () => {
  store = await smallStore(40);
  for (const of of ['category', 'collection', 'brand'])
    await run(`SELECT setval(pg_get_serial_sequence('${of}', 'id'), 500)`);
  await run(`INSERT INTO brand (id, slug, name) VALUES (1, 'ada', 'Ada'), (2, 'bo', 'Bo')`);
  await run(`UPDATE product SET brand_id = 1 + id % 2`);
  await run(
    `INSERT INTO product_text (product_id, words) SELECT id, ARRAY['thing', CASE WHEN id % 2 = 0 THEN 'ada' ELSE 'bo' END] FROM product`,
  );
});
afterAll(() => store.stop());

const all = async (of: GroupingOf) =>
  (await store.owner.ask('GET', `/api/groupings?of=${of}`)).json<{ groupings: Grouping[] }>().groupings;
const one = async (of: GroupingOf, id: number) => (await all(of)).find((each) => each.id === id)!;
const write = (...edits: GroupingEdit[]) => store.owner.ask('POST', '/api/groupings/edit', { edits });
const edit = (of: GroupingOf, id: number, fact: string, was: unknown, is: unknown): GroupingEdit => ({
  of,
  id,
  fact,
  was,
  is,
});
const add = async (of: GroupingOf, name: string, parent: number | null = null, holds = 'text') => {
  const type = of === 'field' ? holds : null;
  const answer = await store.owner.ask('POST', '/api/groupings/new', { of, name, parent, type });
  return { answer, id: answer.json<{ id: number }>().id };
};
const made = async (of: GroupingOf, name: string, parent: number | null = null) =>
  (await add(of, name, parent)).id;
const remove = (of: GroupingOf, id: number) => store.owner.ask('POST', '/api/groupings/removed', { of, id });
const listed = async (asked: { words?: string; within?: Within }) =>
  (
    await store.owner.ask('POST', '/api/goods/list', {
      words: '',
      missing: null,
      within: null,
      sort: 'title',
      down: false,
      from: 0,
      ...asked,
    })
  ).json<{ total: number; rows: GoodsRow[] }>();
const put = (product: number, category: number) =>
  run('INSERT INTO product_category (product_id, category_id) VALUES ($1, $2)', [product, category]);

describe('categories, collections and brands', () => {
  it('are made with an address of their own, last beside the others, and never two of one name', async () => {
    const both = await Promise.all([
      add('category', 'Jugs'),
      add('category', 'Jugs'),
      add('category', 'Jügs'),
    ]);
    // Names that are folded alike are the same.
    expect(both.map(({ answer }) => answer.statusCode).sort()).toEqual([200, 422, 422]);
    expect(both.find(({ answer }) => answer.statusCode === 422)!.answer.json()).toMatchObject({
      code: 'goods-faulty',
    });
    const id = both.find(({ answer }) => answer.statusCode === 200)!.id;
    const under = await made('category', 'Jugs', id);
    const [jugs, below] = [await one('category', id), await one('category', under)];
    expect(jugs.slug).toBe('jugs');
    expect(below).toMatchObject({ slug: 'jugs-2', parentId: id, products: 0 });
    const beside = (await all('category')).filter(
      ({ parentId, id: other }) => parentId === null && other !== id,
    );
    expect(beside.every(({ position }) => position < jugs.position || beside.length === 0)).toBe(true);
    expect((await add('category', 'Lost', 9_999)).answer.statusCode).toBe(422);
    expect((await add('brand', 'Under', 1)).answer.statusCode).toBe(422);
    expect((await add('brand', '  ')).answer.statusCode).toBe(400);
  });

  it('are written at once where they are still as they were, and otherwise not at all', async () => {
    const id = await made('category', 'Saucers');
    await put(3, id);
    const page = async () => (await store.get('/category/saucers')).body;
    expect((await store.get('/category/saucers')).statusCode).toBe(200);
    const edits = [
      edit('category', id, 'name', 'Saucers', 'Small saucers'),
      edit('category', id, 'description', '', 'To go under a cup.'),
    ];
    expect((await write(...edits)).json()).toEqual({ conflicts: [] });
    await expect.poll(page).toMatch(/<h1[^>]*>Small saucers</);
    const stale = await write(
      edit('category', id, 'extraLine', '', 'Never written'),
      edit('category', id, 'name', 'Saucers', 'Other'),
      edit('category', 9_999, 'name', 'a', 'b'),
    );
    expect(
      stale.json<{ conflicts: Conflict<GroupingEdit>[] }>().conflicts.map(({ now, gone }) => [now, gone]),
    ).toEqual([
      ['Small saucers', false],
      [null, true],
    ]);
    expect(await one('category', id)).toMatchObject({ name: 'Small saucers', extraLine: '' });
    expect((await write(...undoneEdits(edits))).json()).toEqual({ conflicts: [] });
    expect(await one('category', id)).toMatchObject({ name: 'Saucers', description: '' });
  });

  it('are found at their former address once they have another, which nobody else has', async () => {
    const id = await made('category', 'Lids');
    await made('category', 'Pans');
    await put(4, id);
    expect((await write(edit('category', id, 'slug', 'lids', 'pans'))).json()).toMatchObject({
      message: expect.stringContaining('has the address “pans”'),
    });
    expect((await write(edit('category', id, 'slug', 'lids', 'covers'))).statusCode).toBe(200);
    await expect
      .poll(async () => (await store.get('/category/lids')).headers.location)
      .toBe('/category/covers');
  });

  it('take what is in and below them along when they move, and never stand under themselves', async () => {
    const [top, below, other] = [
      await made('category', 'Top'),
      await made('category', 'Elsewhere'),
      await made('category', 'Third'),
    ];
    await put(7, below);
    expect((await listed({ within: { of: 'category', id: top } })).total).toBe(0);
    const place = (await one('category', below)).position;
    expect(place).toBeGreaterThan(0);
    const move = edit(
      'category',
      below,
      'place',
      { parent: null, before: other },
      { parent: top, before: null },
    );
    expect((await write(move)).json()).toEqual({ conflicts: [] });
    expect((await listed({ within: { of: 'category', id: top } })).rows.map(({ id }) => id)).toEqual([7]);
    expect((await one('category', top)).products).toBe(1);
    const loop = edit(
      'category',
      top,
      'place',
      { parent: null, before: other },
      { parent: below, before: null },
    );
    expect((await write(loop)).json()).toMatchObject({ message: expect.stringContaining('under itself') });
    expect((await write(...undoneEdits([move]))).json()).toEqual({ conflicts: [] });
    expect((await listed({ within: { of: 'category', id: top } })).total).toBe(0);
    const others = (await all('category')).filter(({ parentId }) => parentId === null);
    expect(new Set(others.map(({ position }) => position)).size).toBe(others.length);
  });

  it('leave their products and what is below them where they are removed', async () => {
    const [top, middle] = [await made('category', 'Garden'), await made('category', 'Gone')];
    const first = await made('category', 'First', middle);
    const second = await made('category', 'Second', middle);
    await put(9, middle);
    await put(9, second);
    expect((await remove('category', middle)).json()).toEqual({ removed: true });
    expect((await one('category', first)).parentId).toBeNull();
    const order = (await all('category'))
      .filter(({ parentId }) => parentId === null)
      .sort((a, b) => a.position - b.position)
      .map(({ id }) => id)
      .filter((id) => [top, first, second].includes(id));
    expect(order).toEqual([top, first, second]);
    const { rows } = await run('SELECT category_path FROM product WHERE id = 9');
    expect(rows[0].category_path).toContain(second);
    expect(rows[0].category_path).not.toContain(middle);
    expect((await remove('category', middle)).json()).toEqual({ removed: false });
    // What would stand beside another of its name stays where it is.
    const again = await made('category', 'Again');
    await made('category', 'Garden', again);
    expect((await remove('category', again)).json()).toMatchObject({
      message: 'Another category there is called “Garden”.',
    });
    await run(`INSERT INTO category (id, slug, name, catch_all) VALUES (400, 'rest', 'The rest', true)`);
    expect((await remove('category', 400)).statusCode).toBe(422);
  });

  it('name their products anew where a brand is called otherwise or goes', async () => {
    const before = (await listed({ words: 'ada' })).total;
    expect(before).toBe(20);
    expect((await one('brand', 1)).products).toBe(20);
    expect((await write(edit('brand', 1, 'name', 'Ada', 'Quill'))).json()).toEqual({ conflicts: [] });
    expect((await listed({ words: 'ada' })).total).toBe(0);
    expect((await listed({ words: 'quill' })).total).toBe(20);
    expect((await listed({ within: { of: 'brand', id: 1 } })).total).toBe(20);
    expect((await remove('brand', 1)).json()).toEqual({ removed: true });
    expect((await listed({ words: 'quill' })).total).toBe(0);
    const { rows } = await run('SELECT count(*)::int AS left FROM product WHERE brand_id IS NULL');
    expect(rows[0].left).toBe(20);
    expect((await write(edit('brand', 2, 'name', 'Bo', 'bo'))).statusCode).toBe(200);
  });

  it('fill a collection by hand, and by a rule that holds at once', async () => {
    const id = await made('collection', 'Warm');
    const assortment = {
      ...newAssortment('products'),
      rule: { join: 'all', parts: [{ is: 'collection', ids: [id] }] },
    };
    const held = async () =>
      (
        await store.owner.ask('POST', '/api/assortments/counts', {
          assortment,
          seenBy: { category: null, collection: null, product: null, lookedAt: [] },
        })
      ).json<{ remains: number }>().remains;
    const into = await store.owner.ask('POST', '/api/goods/edit', {
      edits: [{ product: 5, of: 'product', part: null, fact: 'collectionIds', was: [1], is: [1, id] }],
    });
    expect(into.json()).toEqual({ conflicts: [] });
    expect((await one('collection', id)).products).toBe(1);
    expect((await listed({ within: { of: 'collection', id } })).rows.map((row) => row.id)).toEqual([5]);
    await expect.poll(held).toBe(1);
    const rule = { join: 'all', parts: [{ is: 'named', ids: [5, 6, 8] }] };
    expect((await write(edit('collection', id, 'rule', null, rule))).json()).toEqual({ conflicts: [] });
    expect((await one('collection', id)).rule).toEqual(rule);
    await expect.poll(held).toBe(3);
    expect((await write(edit('collection', id, 'rule', rule, null))).json()).toEqual({ conflicts: [] });
    await expect.poll(held).toBe(1);
    expect((await remove('collection', id)).json()).toEqual({ removed: true });
    await expect.poll(async () => (await store.get('/collection/warm')).statusCode).toBe(404);
  });

  it('are fields of the store, named in rules by what their name makes, and gone from products with them', async () => {
    const id = (await add('field', 'Fired at', null, 'number')).id;
    expect((await add('field', 'fired AT', null, 'number')).answer.statusCode).toBe(422);
    // One after the other: each is the last of those that are there.
    const odd = [await made('field', '50 % off'), await made('field', 'Größe')];
    expect(await Promise.all(odd.map(async (each) => (await one('field', each)).slug))).toEqual([
      'field_50_off',
      'grosse',
    ]);
    expect(await one('field', id)).toMatchObject({ slug: 'fired_at', type: 'number', unit: '', products: 0 });
    expect((await write(edit('field', id, 'unit', '', '°C'))).json()).toEqual({ conflicts: [] });
    const given = await store.owner.ask('POST', '/api/goods/edit', {
      edits: [{ product: 11, of: 'field', part: 'fired_at', fact: 'value', was: null, is: 1240 }],
    });
    expect(given.json()).toEqual({ conflicts: [] });
    expect((await one('field', id)).products).toBe(1);
    const vocabulary = (await store.owner.ask('GET', '/api/vocabulary')).json<Vocabulary>();
    expect(vocabulary.fields.find((field) => field.id === 'fired_at')).toMatchObject({
      unit: '°C',
      most: 1240,
    });
    // It takes its place among the others.
    const [first] = odd;
    expect(
      (
        await write(
          edit('field', first!, 'place', { parent: null, before: odd[1] }, { parent: null, before: id }),
        )
      ).json(),
    ).toEqual({
      conflicts: [],
    });
    expect((await all('field')).sort((a, b) => a.position - b.position)[0]!.id).toBe(first);
    expect((await remove('field', id)).json()).toEqual({ removed: true });
    const { rows } = await run('SELECT fields FROM product WHERE id = 11');
    expect(rows[0].fields).toEqual({});
    expect((await add('field', 'None', null, null as never)).answer.statusCode).toBe(422);
  });

  it('are options and their values, in the order of their owner wherever shoppers choose', async () => {
    await run(`INSERT INTO option (id, name, position) VALUES (61, 'Size', 0)`);
    await run(`SELECT setval(pg_get_serial_sequence('option', 'id'), 500)`);
    const glaze = await made('option', 'Glaze');
    expect(await one('option', glaze)).toMatchObject({ position: 1, products: 0, parentId: null });
    expect((await add('option', 'SIZE')).answer.statusCode).toBe(422);
    const [fog, ash] = [await made('value', 'Fog', glaze), await made('value', 'Ash', glaze)];
    const small = await made('value', 'Small', 61);
    expect(await made('value', 'Fog', 61)).toBeGreaterThan(small);
    expect((await add('value', 'fog', glaze)).answer.json()).toMatchObject({
      message: expect.stringContaining('called “Fog”'),
    });
    expect((await add('value', 'Lost', 9_999)).answer.json()).toMatchObject({
      message: expect.stringContaining('option that it was to be one of is gone'),
    });
    expect((await add('value', 'Nowhere')).answer.statusCode).toBe(422);
    // A product in two ways.
    await run(
      `INSERT INTO variant (id, product_id, position, price) VALUES (9001, 7, 5, 900), (9002, 7, 6, 900)`,
    );
    await run(
      'INSERT INTO variant_value (variant_id, option_value_id) VALUES (9001, $1), (9001, $3), (9002, $2), (9002, $3)',
      [fog, ash, small],
    );
    expect((await one('value', fog)).products).toBe(1);
    expect((await one('option', glaze)).products).toBe(1);
    const choices = async () =>
      (
        await run(`SELECT ${choiceOf('v.id')} AS said FROM variant v WHERE id IN (9001, 9002) ORDER BY id`)
      ).rows.map(({ said }) => said as string);
    expect(await choices()).toEqual(['Small, Fog', 'Small, Ash']);
    const first = edit(
      'option',
      glaze,
      'place',
      { parent: null, before: null },
      { parent: null, before: 61 },
    );
    expect((await write(first)).json()).toEqual({ conflicts: [] });
    expect(await choices()).toEqual(['Fog, Small', 'Ash, Small']);
    const vocabulary = async () =>
      (await store.owner.ask('GET', '/api/vocabulary')).json<Vocabulary>().options;
    expect((await vocabulary()).map(({ name }) => name)).toEqual(['Glaze', 'Size']);
    // A value before the other one, of another name and colour: the page of the product shows all three.
    const slug = (await run('SELECT slug FROM product WHERE id = 7')).rows[0].slug as string;
    expect(
      (
        await write(
          edit('value', ash, 'place', { parent: glaze, before: null }, { parent: glaze, before: fog }),
          edit('value', ash, 'name', 'Ash', 'Embers'),
          edit('value', ash, 'colour', null, '#aa3311'),
        )
      ).json(),
    ).toEqual({ conflicts: [] });
    const groups = async () => {
      const { document } = new JSDOM((await store.get(`/product/${slug}`)).body).window;
      return [...document.querySelectorAll('.product .options')].map((group) => group.textContent.trim());
    };
    await expect.poll(groups).toHaveLength(1);
    const offered = async () => {
      const { document } = new JSDOM((await store.get(`/product/${slug}`)).body).window;
      return [...document.querySelectorAll('.product .options a')].map((link) =>
        link.getAttribute('aria-label'),
      );
    };
    await expect
      .poll(async () => (await offered()).map((said) => said?.split(',')[0]))
      .toEqual(['Embers', 'Fog']);
    const { rows: found } = await run(
      `SELECT product_id FROM product_search WHERE vector @@ to_tsquery('english', 'embers')`,
    );
    expect(found).toEqual([{ product_id: 7 }]);
    expect((await listed({ within: { of: 'value', id: ash } })).rows.map(({ id }) => id)).toEqual([7]);
    // A value stays in its option, and both as long as products come in them.
    expect(
      (
        await write(edit('value', ash, 'place', { parent: glaze, before: fog }, { parent: 61, before: null }))
      ).json(),
    ).toMatchObject({ message: 'A value stays with its option.' });
    expect((await remove('value', ash)).json()).toMatchObject({
      message: expect.stringContaining('1 product comes in it'),
    });
    expect((await remove('option', glaze)).statusCode).toBe(422);
    await run('DELETE FROM variant WHERE id IN (9001, 9002)');
    expect((await remove('value', ash)).json()).toEqual({ removed: true });
    expect((await remove('option', glaze)).json()).toEqual({ removed: true });
    expect((await all('value')).map(({ parentId }) => parentId)).toEqual([61, 61]);
    expect((await remove('option', 61)).json()).toEqual({ removed: true });
    expect(await vocabulary()).toEqual([]);
  });

  it('are tags, which rules, labels and products know as before once they are called otherwise', async () => {
    await run(`INSERT INTO product_tag (product_id, tag) VALUES (21, 'kiln'), (22, 'kiln'), (22, 'frost')`);
    const vocabulary = async () =>
      (await store.owner.ask('GET', '/api/vocabulary'))
        .json<Vocabulary>()
        .tags.map(({ tag, name, products }) => [tag, name, products]);
    expect(await vocabulary()).toEqual([
      ['frost', 'frost', 1],
      ['kiln', 'kiln', 2],
    ]);
    const kiln = (await all('tag')).find(({ slug }) => slug === 'kiln')!;
    expect(kiln).toMatchObject({ name: 'kiln', products: 2 });
    expect((await write(edit('tag', kiln.id, 'name', 'kiln', 'Frost'))).json()).toMatchObject({
      message: 'Another tag there is called “frost”.',
    });
    const rename = [edit('tag', kiln.id, 'name', 'kiln', 'Straight from the kiln')];
    expect((await write(...rename)).json()).toEqual({ conflicts: [] });
    expect(await one('tag', kiln.id)).toMatchObject({ slug: 'kiln', products: 2 });
    expect(await vocabulary()).toContainEqual(['kiln', 'Straight from the kiln', 2]);
    // Those who look for it type what it is called.
    expect((await listed({ words: 'straight' })).rows.map(({ id }) => id).sort()).toEqual([21, 22]);
    expect((await listed({ words: 'kil' })).total).toBe(2);
    expect((await listed({ within: { of: 'tag', id: kiln.id } })).total).toBe(2);
    const tagged = {
      ...newAssortment('products'),
      rule: { join: 'all', parts: [{ is: 'tag', tags: ['kiln'] }] },
    };
    const held = async () =>
      (
        await store.owner.ask('POST', '/api/assortments/counts', {
          assortment: tagged,
          seenBy: { category: null, collection: null, product: null, lookedAt: [] },
        })
      ).json<{ remains: number }>().remains;
    expect(await held()).toBe(2);
    // One that is edited later is found by the same words.
    const onto = { product: 23, of: 'product', part: null, fact: 'tags', was: [], is: ['kiln'] };
    expect((await store.owner.ask('POST', '/api/goods/edit', { edits: [onto] })).json()).toEqual({
      conflicts: [],
    });
    expect((await listed({ words: 'straight' })).total).toBe(3);
    expect((await write(...undoneEdits(rename))).json()).toEqual({ conflicts: [] });
    expect((await listed({ words: 'straight' })).total).toBe(0);
    // A new one has no products; one that is named as another was known before is known apart from it.
    await write(edit('tag', kiln.id, 'name', 'kiln', 'Fired'));
    const again = await made('tag', 'kiln');
    expect(await one('tag', again)).toMatchObject({ slug: 'kiln 2', name: 'kiln', products: 0 });
    expect((await add('tag', 'fired')).answer.json()).toMatchObject({ code: 'goods-faulty' });
    expect((await add('tag', 'x'.repeat(61))).answer.statusCode).toBe(422);
    expect((await remove('tag', kiln.id)).json()).toEqual({ removed: true });
    expect((await listed({ words: 'fired' })).total).toBe(0);
    expect((await run(`SELECT product_id, tag FROM product_tag`)).rows).toEqual([
      { product_id: 22, tag: 'frost' },
    ]);
    expect((await run(`SELECT tags FROM product WHERE id = 22`)).rows).toEqual([{ tags: ['frost'] }]);
    await expect.poll(held).toBe(0);
  });

  it('refuse a picture that the store has not, and what nobody may send', async () => {
    const id = await made('collection', 'Pictured');
    const answer = await write(edit('collection', id, 'pictureId', null, 'a'.repeat(64)));
    expect(answer.json()).toMatchObject({ code: 'picture-gone' });
    expect((await write()).statusCode).toBe(400);
    expect(
      (
        await write(
          edit('collection', id, 'place', { parent: null, before: null }, { parent: id, before: null }),
        )
      ).statusCode,
    ).toBe(422);
    expect((await store.owner.ask('GET', '/api/groupings?of=shelf')).statusCode).toBe(400);
    expect(
      (await write({ ...edit('collection', id, 'name', 'Pictured', 'X'), of: 'product' as GroupingOf }))
        .statusCode,
    ).toBe(400);
  });
});
