import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import sharp from 'sharp';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { STORE_PART_BYTES } from '../../core/wholeStore/storeFile.ts';
import { typeFamily } from '../../core/text/families/index.ts';
import { ensureSetupCode } from '../accounts/setupCode.ts';
import { makeServer, type Server } from '../app.ts';
import { inTransaction } from '../db/pool.ts';
import { asFault, type Fault } from '../faults.ts';
import { typeFile } from '../fonts/typeFile.ts';
import { OWNER, testDatabase, type TestDatabase } from '../specimen/database.ts';
import { sendingStore, type SendingStore } from '../specimen/sendingStore.ts';
import { signedIn, type SignedInClient } from '../specimen/signedIn.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';
import { unzipped, zipped, type Files } from '../specimen/zip.ts';
import { bringIn } from './bringIn.ts';
import { openStoreFile } from './openStoreFile.ts';
import { StoreWork } from './storeWork.ts';
import { storeTables } from './storeTables.ts';

/** A store that nothing is in yet but its owner. */
interface EmptyStore {
  server: Server;
  database: TestDatabase;
  owner: SignedInClient;
  sending: SendingStore;
}

let store: SmallStore;
let whole: Buffer;
const ended: (() => Promise<unknown>)[] = [];

async function emptyStore(): Promise<EmptyStore> {
  const database = await testDatabase();
  const code = (await ensureSetupCode(database.pool))!;
  const folder = await mkdtemp(join(tmpdir(), 'pictures-'));
  const server = await makeServer({
    databaseUrl: database.url,
    picturesFolder: folder,
    clock: () => NOW,
    signInTries: 100_000,
  });
  ended.push(async () => {
    await server.stop();
    await database.drop();
    await rm(folder, { recursive: true });
  });
  await server.app.inject({
    method: 'POST',
    url: '/api/owner',
    payload: { ...OWNER, name: 'Ada', code, store: 'Another' },
  });
  const owner = await signedIn(server);
  return { server, database, owner, sending: sendingStore(server, owner) };
}

const run = (sql: string, values: unknown[] = []) => store.database.pool.query(sql, values);
const exported = async (owner: SignedInClient) =>
  (await owner.ask('GET', '/api/export/store.zip', undefined)).rawPayload;
const put = (url: string, file: Buffer) =>
  store.owner.ask('POST', url, file, {
    headers: {
      cookie: store.owner.cookie,
      'x-csrf-token': store.owner.csrf,
      'content-type': 'application/octet-stream',
    },
  });

beforeAll(async () => {
  store = await smallStore(30);
  for (const background of ['#336699', '#996633']) {
    const file = await sharp({ create: { width: 40, height: 30, channels: 3, background } })
      .png()
      .toBuffer();
    await put(`/api/pictures?name=Dot ${background.slice(1)}.png`, file);
  }
  await put('/api/typefaces', await readFile(typeFile(typeFamily('oswald'), 'latin', 'upright')));
  await run(`INSERT INTO brand (id, slug, name) VALUES (7, 'moor', 'Moor & Sons')`);
  await run(`INSERT INTO field (id, name, type, unit) VALUES ('weight', 'Weight', 'number', 'g')`);
  await run(`INSERT INTO option (id, name) VALUES (3, 'Size')`);
  await run(
    `INSERT INTO option_value (id, option_id, name, position, colour) VALUES (5, 3, 'Small', 1, '#112233'), (4, 3, 'Large', 0, NULL)`,
  );
  await run(
    `INSERT INTO variant_value (variant_id, option_value_id) SELECT id, 4 + product_id % 2 FROM variant WHERE product_id < 9`,
  );
  await run(
    `UPDATE product SET brand_id = 7, fields = '{"weight": 12.5}', last_sold_at = now(), rating_sum = 9, rating_count = 2 WHERE id < 4`,
  );
  await run(
    `INSERT INTO product_tag (product_id, tag) SELECT id, 'blå & “tag”' FROM product WHERE id % 3 = 0`,
  );
  await run(
    `INSERT INTO product_picture (product_id, position, picture_id, alt) SELECT n, 0, (SELECT min(id) FROM picture), 'A dot' FROM generate_series(1, 5) n`,
  );
  await run(
    `INSERT INTO product_text (product_id, short_text, long_text) VALUES (1, 'In short', E'At\\n\\nlength') ON CONFLICT (product_id) DO UPDATE SET short_text = 'In short'`,
  );
  await run(`UPDATE category SET slug = 'everything' WHERE slug = 'all'`);
  await run(
    `INSERT INTO collection (slug, name, rule) VALUES ('heavy', 'Heavy', '{"join": "all", "parts": [{"is": "tag", "tags": ["blå & “tag”"]}]}')`,
  );
  await run(`INSERT INTO sold_daily (product_id, day, units) VALUES (1, 20000, 3), (2, 20001, 1)`);
  await run(`INSERT INTO bought_together (product_id, other_id, orders) VALUES (1, 2, 1), (2, 1, 1)`);
  await run('UPDATE order_count SET orders = 4 WHERE slot = 2');
  await run('INSERT INTO sample_product (product_id) VALUES (30)');
  await run(`UPDATE journal_entry SET draft = '[]', tags = '{news,blå}'`);
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

type Change = (files: Files) => void;
const replaced =
  (name: string, change: (text: string) => string): Change =>
  (files) => {
    const before = files.get(name)!.toString('utf8');
    const after = change(before);
    expect(after, `${name} was not changed`).not.toBe(before);
    files.set(name, Buffer.from(after));
  };
const lineChanged = (id: string, line: number, change: (row: Record<string, unknown>) => object): Change =>
  replaced(`catalogue/${id}.jsonl`, (text) => {
    const lines = text.split('\n');
    lines[line - 1] = JSON.stringify(change(JSON.parse(lines[line - 1]!) as Record<string, unknown>));
    return lines.join('\n');
  });

/** What is wrong with a file, how it is made so, and what is said of it. */
const WRONG: readonly (readonly [string, Change, RegExp])[] = [
  [
    'a table is missing',
    (files) => files.delete('catalogue/brands.jsonl'),
    /^The file catalogue\/brands\.jsonl is missing/,
  ],
  ['there is no beginning', (files) => files.delete('store.json'), /^This is no file of a whole store/],
  ['the beginning is no JSON', replaced('store.json', () => '{'), /^store\.json is no JSON/],
  [
    'it is of a later version',
    replaced('store.json', (text) => text.replace('"format": 1', '"format": 2')),
    /newer version/,
  ],
  [
    'it is of another kind',
    replaced('store.json', (text) => text.replace('wide-shelf-store', 'a-store')),
    /^store\.json: kind/,
  ],
  [
    'something else is in it',
    (files) => files.set('run.sh', Buffer.from('x')),
    /^"run\.sh" in this ZIP is nothing that a store has/,
  ],
  [
    'the house style is missing',
    replaced('draft.jsonl', (text) =>
      text
        .split('\n')
        .filter((line) => !line.includes('"house"'))
        .join('\n'),
    ),
    /^draft\.jsonl: The house style/,
  ],
  [
    'a document is of nothing',
    replaced('draft.jsonl', (text) => `${text}{"key": "bay:x", "body": {}}\n`),
    /^draft\.jsonl, line \d+: This is no document/,
  ],
  [
    'a document cannot be read',
    replaced('draft.jsonl', (text) => text.replace('"holds": "shelf"', '"holds": "window"')),
    /^draft\.jsonl, page:/,
  ],
  ['what is published cannot be read', replaced('published.json', () => '[1'), /^published\.json is no JSON/],
  [
    'a line is no JSON',
    replaced('catalogue/products.jsonl', (text) => `${text}{"id"\n`),
    /^catalogue\/products\.jsonl: Line 31 is no JSON/,
  ],
  [
    'a line is a list',
    replaced('catalogue/brands.jsonl', () => '[]\n'),
    /^catalogue\/brands\.jsonl, line 1: /,
  ],
  [
    'a value is missing',
    lineChanged('products', 2, ({ title: _, ...row }) => row),
    /^catalogue\/products\.jsonl, line 2, title: /,
  ],
  [
    'a value is too much',
    lineChanged('products', 3, (row) => ({ ...row, secret: 1 })),
    /^catalogue\/products\.jsonl, line 3: There is no such value: secret/,
  ],
  [
    'a value does not fit',
    lineChanged('products', 4, (row) => ({ ...row, slug: '../etc' })),
    /^catalogue\/products\.jsonl, line 4, slug: /,
  ],
  [
    'values do not fit together',
    lineChanged('variants', 5, (row) => ({ ...row, reduced: 999_999 })),
    /^catalogue\/variants\.jsonl, line 5: Its values do not fit together/,
  ],
  [
    'something refers to nothing',
    lineChanged('product-categories', 6, (row) => ({ ...row, category_id: 99 })),
    /^catalogue\/product-categories\.jsonl, line 6: It refers to something/,
  ],
  [
    'something is there twice',
    lineChanged('products', 7, (row) => ({ ...row, slug: 'piece-3' })),
    /^catalogue\/products\.jsonl, line 7: It is there twice/,
  ],
  [
    'a category is under itself',
    lineChanged('categories', 2, (row) => ({ ...row, parent_id: row.id })),
    /^catalogue\/categories\.jsonl, line 2: /,
  ],
  [
    'a text is markup of no kind',
    lineChanged('entries', 1, (row) => ({ ...row, text: [{ type: 'script', content: [] }] })),
    /^catalogue\/entries\.jsonl, line 1, text: /,
  ],
  [
    'a colour leaves the style sheet',
    lineChanged('option-values', 1, (row) => ({ ...row, colour: '#000;}' })),
    /^catalogue\/option-values\.jsonl, line 1, colour: /,
  ],
  [
    'a picture is another',
    (files) => {
      const [name] = [...files.keys()].filter((one) => one.startsWith('pictures/'));
      files.set(name!, Buffer.from('no picture'));
    },
    /is not what it was when the store was exported/,
  ],
  [
    'a picture is missing',
    (files) => files.delete([...files.keys()].find((one) => one.startsWith('pictures/'))!),
    /^The file pictures\/[0-9a-f]+\.webp is missing/,
  ],
  [
    'a picture has another size',
    lineChanged('picture-files', 1, (row) => ({ ...row, width: 41 })),
    /is no picture of this size/,
  ],
  [
    'a font is none',
    (files) =>
      files.set(
        [...files.keys()].find((one) => one.startsWith('typefaces/'))!,
        Buffer.from('OTTO'),
      ),
    /is no WOFF2 font/,
  ],
  [
    'a font has no file',
    (files) =>
      [...files.keys()].filter((one) => one.startsWith('typefaces/')).forEach((one) => files.delete(one)),
    /^catalogue\/fonts\.jsonl: there is no file of the font/,
  ],
];

describe('a file that is not right', () => {
  it('is refused with where and what, and nothing of it is written', async () => {
    const { sending, owner, database } = await emptyStore();
    const before = await exported(owner);
    const faultOf = async (file: Buffer) => {
      const opened = await openStoreFile((from, to) => Readable.from([file.subarray(from, to)]), file.length);
      return inTransaction(database.pool, (client) =>
        bringIn(client, opened, { accountId: null, now: NOW, onDone: () => Promise.resolve() }),
      );
    };
    for (const [what, change, said] of WRONG) {
      const files = await unzipped(whole);
      change(files);
      const fault = await faultOf(await zipped(files)).then(
        () => 'nothing',
        (error: unknown) => asFault(error),
      );
      expect(fault, what).toMatchObject({ code: 'store-faulty', message: expect.stringMatching(said) });
      expect((fault as Fault).message, what).toMatch(/\.$/);
    }
    const wrong = await unzipped(whole);
    wrong.delete('catalogue/variants.jsonl');
    expect((await sending.broughtIn(await zipped(wrong))).import).toMatchObject({
      is: 'failed',
      fault: expect.stringMatching(/variants\.jsonl is missing/),
    });
    expect(await sending.is()).toMatchObject({ isEmpty: true });
    expect((await exported(owner)).equals(before)).toBe(true);
    // The same store is brought in when it is right.
    expect((await sending.broughtIn(whole)).import).toMatchObject({ is: 'written' });
  });

  it('is refused before it is unpacked where it is cut, climbs out of its folder, or is larger than it looks', async () => {
    const { sending } = await emptyStore();
    const faultOf = async (file: Buffer) => {
      const { import: one } = await sending.sent(file);
      expect(one!.is).toBe('failed');
      return one!.fault!;
    };
    expect(await faultOf(whole.subarray(0, whole.length - 40))).toMatch(/no ZIP file, or not all of it/);
    expect(await faultOf(Buffer.from('PK\u0003\u0004 and no more'))).toMatch(/no ZIP file/);
    expect(await faultOf(Buffer.from('title,price\nDish,12\n'))).toMatch(/no ZIP file/);
    // The name is as long as the one in its place.
    const climbing = Buffer.from(
      (await zipped([['pictures/ab', 'x']])).toString('latin1').replaceAll('pictures/ab', '../../../xyz'),
      'latin1',
    );
    expect(await faultOf(climbing)).toMatch(/no ZIP file/);
    const bomb = await zipped([['draft.jsonl', Buffer.alloc(8_000_000, 32)]]);
    // The directory says that it unpacks to three gigabytes.
    const at = bomb.indexOf(Buffer.from('PK\u0001\u0002', 'latin1'));
    bomb.writeUInt32LE(3_000_000_000, at + 24);
    expect(await faultOf(bomb)).toMatch(/^"draft\.jsonl" in this ZIP is larger/);
    // What is packed is not what was packed.
    const packed = await zipped([...(await unzipped(whole))].slice(0, 3));
    packed.fill(0xff, packed.indexOf('store.json') + 10, packed.indexOf('store.json') + 40);
    expect(await faultOf(packed)).toMatch(/no ZIP file/);
    const twice = Buffer.from(
      (
        await zipped([
          ['draft.jsonl', 'x'],
          ['draft.jsonk', 'y'],
        ])
      )
        .toString('latin1')
        .replaceAll('draft.jsonk', 'draft.jsonl'),
      'latin1',
    );
    expect(await faultOf(twice)).toMatch(/^"draft\.jsonl" is in this ZIP twice/);
  });

  it('may have been unpacked and packed again: what such programs add is left out', async () => {
    const { sending } = await emptyStore();
    const files = await unzipped(whole);
    files.set('__MACOSX/._store.json', Buffer.from('x')).set('catalogue/.DS_Store', Buffer.from('x'));
    expect((await sending.broughtIn(await zipped(files))).import).toMatchObject({ is: 'written' });
  });
});
