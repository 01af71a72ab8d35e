import { tmpdir } from 'node:os';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { STORE_PART_BYTES } from '../../core/wholeStore/storeFile.ts';
import { makeServer } from '../app.ts';
import { exportedStore as exported, fullStore } from '../specimen/fullStore.ts';
import { sendingStore } from '../specimen/sendingStore.ts';
import { emptyStore as makeEmpty, type EmptyStore } from '../specimen/serverOn.ts';
import { NOW, type SmallStore } from '../specimen/smallStore.ts';
import { unzipped, zipped } from '../specimen/zip.ts';
import { storeTables } from './storeTables.ts';
import { StoreWork } from './storeWork.ts';

let store: SmallStore;
let whole: Buffer;
const ended: (() => Promise<unknown>)[] = [];

async function emptyStore(): Promise<EmptyStore> {
  const made = await makeEmpty(() => NOW);
  ended.push(() => made.stop());
  return made;
}

const run = (sql: string, values: unknown[] = []) => store.database.pool.query(sql, values);
beforeAll(async () => {
  store = await fullStore();
  whole = await exported(store.owner);
});
afterEach(async () => {
  for (const end of ended.splice(0)) await end();
});
afterAll(() => store.stop());

describe('a whole store', () => {
  it('is exported and brought into an empty one as it was, to the byte of an export, with equal pages', async () => {
    const { server, owner, sending, database } = await emptyStore();
    expect(await sending.is()).toMatchObject({ isEmpty: true, import: null });
    const arrived = await sending.sent(whole);
    expect(arrived.import).toMatchObject({
      is: 'arrived',
      fault: null,
      arrived: whole.length,
      head: { published: true, orders: 4, counts: { products: 30, pictures: 2, entries: 1 } },
    });
    const done = await sending.broughtIn(whole);
    expect(done.import).toMatchObject({ fault: null, is: 'written' });
    expect(done.isEmpty).toBe(false);
    const again = await unzipped(await exported(owner));
    const before = await unzipped(whole);
    expect([...again.keys()]).toEqual([...before.keys()]);
    for (const [name, bytes] of before)
      expect(again.get(name)!.toString('utf8'), name).toBe(bytes.toString('utf8'));
    for (const path of [
      '/',
      '/shop',
      '/category/everything',
      '/category/some',
      '/product/piece-2',
      '/search?q=piece',
    ]) {
      const [here, there] = await Promise.all([store.get(path), server.app.inject({ url: path })]);
      expect(there.statusCode, path).toBe(200);
      expect(there.body.replaceAll(/release-\d+/g, ''), path).toBe(here.body.replaceAll(/release-\d+/g, ''));
    }
    // What moved before is still found at its new address.
    expect((await server.app.inject({ url: '/category/all' })).headers.location).toBe('/category/everything');
    // What is made after goes on from the numbers of the file.
    const made = await owner.ask('POST', '/api/goods/new', { title: 'Another', price: 100 });
    expect(made.statusCode, made.body).toBe(200);
    // What products are found by was made with them.
    const { rows } = await database.pool.query<{ words: string[] }>(
      `SELECT words FROM product_text WHERE product_id = 3`,
    );
    expect(rows[0]?.words ?? []).toEqual(
      (await run('SELECT words FROM product_text WHERE product_id = 3')).rows[0]?.words ?? [],
    );
  });

  it('holds every column there is, but for what is reckoned, of people, or of this installation', async () => {
    const { rows } = await run(
      `SELECT c.table_name AS table, array_agg(c.column_name::text ORDER BY c.column_name) AS columns FROM information_schema.columns c
       JOIN information_schema.tables t USING (table_schema, table_name)
       WHERE c.table_schema = 'public' AND t.table_type = 'BASE TABLE' AND c.is_generated = 'NEVER' GROUP BY 1`,
    );
    const left: Record<string, string[]> = {
      // Reckoned from what is in the file.
      product: ['category_path', 'option_values', 'picture_ratio', 'shown_variant_id', 'tags', 'title_key'],
      product_text: ['words'],
      // The file beside it.
      picture_file: ['bytes'],
    };
    const elsewhere = [
      // Files, documents and the release have files of their own.
      'own_font_part',
      'draft_document',
      'release',
      'release_picture',
      'live',
      // Reckoned.
      'category_closure',
      'product_option_value',
      'product_search',
      'search_word',
      'sold_window',
      'store_figures',
      'order_count',
      // Of people.
      'account',
      'session',
      'setup_code',
      'message',
      'shop_order',
      'order_line',
      'shopper_event',
      // Of this installation.
      'migration',
      'goods_import',
      'goods_import_chunk',
      'goods_import_change',
      'goods_import_column',
      'store_import',
      'store_import_part',
    ];
    for (const { table, columns } of rows as { table: string; columns: string[] }[]) {
      if (elsewhere.includes(table)) continue;
      const known = storeTables.find((one) => one.table === table);
      expect(known, table).toBeDefined();
      expect([...Object.keys(known!.columns), ...(left[table] ?? [])].sort(), table).toEqual(
        [...columns].sort(),
      );
    }
  });

  it('goes into an empty store only, and leaves another as it is', async () => {
    const sending = sendingStore(store.server, store.owner);
    const before = await exported(store.owner);
    const done = await sending.broughtIn(whole);
    expect(done.import).toMatchObject({
      is: 'failed',
      fault: expect.stringMatching(/^There is something in this store\./),
    });
    expect((await exported(store.owner)).equals(before)).toBe(true);
  });

  it('is gone on with by a server that starts', async () => {
    const { sending, database, owner } = await emptyStore();
    const { import: one } = await sending.sent(whole);
    // A server that ended while it was at it.
    await database.pool.query(`UPDATE store_import SET state = 'writing', run = run + 1`);
    const other = await makeServer({ databaseUrl: database.url, picturesFolder: tmpdir(), clock: () => NOW });
    ended.unshift(() => other.stop());
    await other.parts.work.idle();
    expect((await sending.is()).import).toMatchObject({ is: 'written' });
    expect((await sending.ask('stop', { id: one!.id })).statusCode).toBe(200);
    expect((await sending.is()).import?.is).toBe('written');
    expect((await owner.ask('GET', '/api/goods/counts')).json()).toMatchObject({ all: 30 });
  });

  it('that was exported before tags had names has those of its products, and is mixed with none that are there', async () => {
    const files = await unzipped(whole);
    expect(files.delete('catalogue/tags.jsonl')).toBe(true);
    const former = await zipped(files);
    const { sending, owner } = await emptyStore();
    const add = { of: 'tag', name: 'sea', parent: null, type: null };
    const { id } = (await owner.ask('POST', '/api/groupings/new', add)).json<{ id: number }>();
    expect((await sending.is()).isEmpty).toBe(false);
    await owner.ask('POST', '/api/groupings/removed', { of: 'tag', id });
    expect((await sending.broughtIn(former)).import).toMatchObject({ fault: null, is: 'written' });
    const { groupings } = (await owner.ask('GET', '/api/groupings?of=tag')).json<{
      groupings: { slug: string; name: string; products: number }[];
    }>();
    expect(groupings).toMatchObject([{ slug: 'blå & “tag”', name: 'blå & “tag”', products: 10 }]);
  });

  it('ends without a trace where it is stopped', async () => {
    const { sending, database, owner } = await emptyStore();
    const before = await exported(owner);
    const { import: one } = await sending.sent(whole);
    await database.pool.query(`UPDATE store_import SET state = 'writing'`);
    // The owner stops it while it is written.
    let stopped = 0;
    const work = new StoreWork({
      db: database.pool,
      clock: () => NOW,
      isStopping: () => {
        stopped += 1;
        return true;
      },
    });
    await work.work();
    expect(stopped).toBe(1);
    expect((await sending.is()).isEmpty).toBe(true);
    await sending.ask('stop', { id: one!.id });
    expect(await sending.is()).toMatchObject({ isEmpty: true, import: null });
    expect((await exported(owner)).equals(before)).toBe(true);
  });
});

describe('the parts of a file', () => {
  it('come in any order and more than once, and are refused where they are of another', async () => {
    const { sending } = await emptyStore();
    const bytes = Buffer.alloc(2 * STORE_PART_BYTES + 7, 3);
    const begun = await sending.ask('begin', { name: 'a\0b.zip', bytes: bytes.length });
    const { import: one } = begun.json<{ import: { id: number; fileName: string } }>();
    expect(one.fileName).toBe('ab.zip');
    const part = (at: number, from = at) =>
      sending.part(one.id, at, bytes.subarray(from * STORE_PART_BYTES, (from + 1) * STORE_PART_BYTES));
    for (const at of [2, 0, 0]) expect((await part(at)).statusCode).toBe(200);
    expect((await sending.is()).import).toMatchObject({ is: 'arriving', arrived: STORE_PART_BYTES + 7 });
    expect((await part(1, 2)).statusCode).toBe(400);
    expect((await part(3, 0)).statusCode).toBe(400);
    expect((await sending.part(one.id + 1, 0, bytes.subarray(0, 9))).json()).toMatchObject({
      code: 'import-gone',
    });
    expect((await sending.ask('write', { id: one.id })).statusCode).toBe(409);
    const last = await part(1);
    expect(last.json()).toMatchObject({
      import: { is: 'failed', fault: expect.stringMatching(/no ZIP file/) },
    });
    expect((await part(1)).json()).toMatchObject({ code: 'import-busy' });
    // Another may be begun in its place.
    expect((await sending.sent(whole)).import).toMatchObject({ is: 'arrived' });
  });

  it('are no more than a store can have', async () => {
    const { sending } = await emptyStore();
    const answer = await sending.ask('begin', { name: 'a.zip', bytes: 3 * 1024 ** 3 });
    expect([answer.statusCode, answer.json<{ message: string }>().message]).toEqual([
      400,
      expect.stringMatching(/too large/),
    ]);
  });
});
