import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { ImportSettings, ImportState, LastImport } from '../../core/exchange/importState.ts';
import type { Goods } from '../../core/goods/goods.ts';
import { makeServer } from '../app.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
const run = (sql: string) => store.database.pool.query(sql);

beforeAll(async () => {
  store = await smallStore(30);
  for (const table of ['product', 'category'])
    await run(`SELECT setval(pg_get_serial_sequence('${table}', 'id'), 5000)`);
  await run(`INSERT INTO brand (slug, name) VALUES ('ada', 'Ada & Sons')`);
  await run(
    `INSERT INTO field (id, name, type, unit) VALUES ('height', 'Height', 'number', 'cm'), ('safe', 'Food-safe', 'yesNo', '')`,
  );
  await run(
    `UPDATE product SET code = 'K-' || id, brand_id = (SELECT min(id) FROM brand), fields = '{"height": 12.5}' WHERE id % 2 = 0`,
  );
  await run(
    `INSERT INTO product_text (product_id, short_text, long_text, words) SELECT id, '=in short', E'Two\\nlines, "said"', ARRAY['chunk'] FROM product`,
  );
});
afterAll(() => store.stop());
beforeEach(() => run('DELETE FROM goods_import'));

interface Answer {
  state: ImportState;
  last: LastImport | null;
}

const send = async (file: string | Buffer, name = 'goods.csv') =>
  store.owner.ask('POST', `/api/import/file?name=${name}`, Buffer.from(file), {
    headers: {
      cookie: store.owner.cookie,
      'x-csrf-token': store.owner.csrf,
      'content-type': 'application/octet-stream',
    },
  });
const idle = () => store.server.parts.imports.idle();
const state = async () => (await store.owner.ask('GET', '/api/import')).json<Answer>();
/** Asks for something, and waits until it is done. */
const done = async (path: string, body: Record<string, unknown>): Promise<ImportState> => {
  const answer = await store.owner.ask('POST', `/api/import/${path}`, body);
  expect(answer.statusCode, answer.body).toBe(200);
  await idle();
  return (await state()).state;
};
const compared = async (file: string | Buffer): Promise<ImportState> => {
  const answer = await send(file);
  expect(answer.statusCode, answer.body).toBe(200);
  await idle();
  return (await state()).state;
};
const set = (was: ImportState, settings: Partial<ImportSettings>) =>
  done('settings', { id: was.id, settings: { ...was.settings, ...settings } });
const exported = async () => (await store.owner.ask('GET', '/api/export/products.csv')).body;
const goodsOf = async (code: string) => {
  const { rows } = await run(`SELECT id FROM product WHERE code = '${code}'`);
  const { id } = rows[0] as { id: number };
  return (await store.owner.ask('GET', `/api/goods/one?id=${id}`)).json<{ goods: Goods }>().goods;
};

const SHOP = [
  'item_no;name;blurb;price_gbp;sale_price;qty;section;keywords;maker;Height;glaze;supplier_ref',
  'N-1;Inkwell jug;It pours;1.234,50 €;1.000,00;4;Tableware > Jugs;table, blue;Ada & Sons;12,5;Inkwell;A-1',
  'N-1;;;1.100,00;;;;;;;Peat;A-2',
  'N-2;Egg cup;;12,00;;0;Tableware > Cups;;New & Co.;;;A-3',
  'N-3;Bowl;;twelve;;0;;;;;;A-4',
  'K-2;Piece of two;=in short;9,00;;;;;;;;A-5',
  '',
].join('\n');

describe('a file of another shop', () => {
  it('is read as it is written, its columns matched, and nothing is written of it', async () => {
    const before = await exported();
    const { settings, found, is, hows, columns } = await compared(SHOP);
    expect(is).toBe('compared');
    expect(settings.dialect).toEqual({
      format: 'csv',
      encoding: 'utf-8',
      separator: ';',
      quote: '"',
      header: true,
    });
    expect(settings.matching).toEqual([
      'code',
      'title',
      'shortText',
      'price',
      'reduced',
      'stock',
      'categories',
      'tags',
      'brand',
      'field:height',
      null,
      null,
    ]);
    expect(hows[3]!.decimal).toBe(',');
    expect(columns[1]).toEqual({ name: 'name', values: ['Inkwell jug', 'Egg cup', 'Bowl'] });
    // Without the option the second row is the first again.
    expect(found!.counts).toEqual({ new: 2, changed: 1, unchanged: 0, refused: 2 });
    expect(found!.refused.map(({ line, why }) => `${line}: ${why}`)).toEqual([
      '3: Item code N-1 is on line 2 already.',
      '5: Price “twelve” is not an amount.',
    ]);
    expect(found!.columns[2]).toEqual({ empty: 3, longest: 9 });
    expect(found!.newTags).toBe(2);
    expect(await exported()).toBe(before);
  });

  it('is imported, seen at once, and taken back to the byte', async () => {
    const before = await exported();
    const first = await compared(SHOP);
    const second = await set(first, {
      matching: first.settings.matching.map((id, at) => (at === 10 ? 'option:Glaze' : id)),
    });
    expect(second.found!.counts).toEqual({ new: 2, changed: 1, unchanged: 0, refused: 1 });
    expect(second.found!.made).toMatchObject({
      brands: [{ name: 'New & Co.' }],
      options: [{ name: 'Glaze' }],
      values: [{ name: 'Inkwell' }, { name: 'Peat' }],
    });
    expect(await done('write', { id: first.id })).toMatchObject({ is: 'written', fault: null });

    const jug = await goodsOf('N-1');
    expect(jug).toMatchObject({
      slug: 'inkwell-jug',
      shortText: 'It pours',
      tags: ['blue', 'table'],
      fields: { height: 12.5 },
      variants: [
        { choice: 'Inkwell', price: 123_450, reduced: 100_000, stock: 4 },
        { choice: 'Peat', price: 110_000, reduced: null, stock: null },
      ],
    });
    expect(await goodsOf('K-2')).toMatchObject({
      title: 'Piece of two',
      brandId: null,
      tags: [],
      fields: {},
    });
    const page = await store.get('/product/inkwell-jug');
    expect(page.statusCode).toBe(200);
    // What is kept of each of them is what it would be if they had come one by one.
    const { rows } =
      await run(`SELECT price, reduced, in_stock, price_varies, category_path <> '{}' AS path, tags, option_values <> '{}' AS options,
        EXISTS (SELECT FROM product_search WHERE product_id = p.id AND vector @@ 'inkwell'::tsquery) AS found FROM product p WHERE code = 'N-1'`);
    expect(rows).toEqual([
      {
        price: 123_450,
        reduced: 100_000,
        in_stock: true,
        price_varies: true,
        path: true,
        tags: ['blue', 'table'],
        options: true,
        found: true,
      },
    ]);

    expect((await state()).last).toMatchObject({ id: first.id, products: 3 });
    const undone = await done('undo', { id: first.id });
    expect(undone).toMatchObject({ is: 'undone', leftOver: [], fault: null });
    expect(await exported()).toBe(before);
    expect(
      (await run(`SELECT count(*)::int AS n FROM category WHERE name IN ('Jugs', 'Cups', 'Tableware')`)).rows,
    ).toEqual([{ n: 0 }]);
    expect((await run('SELECT count(*)::int AS n FROM option')).rows).toEqual([{ n: 0 }]);
    expect((await store.get('/product/inkwell-jug')).statusCode).toBe(404);
  });

  it('is taken back but for what was changed since, and that is named', async () => {
    const { id } = await compared(SHOP);
    await done('write', { id });
    const [cup, chunk] = [await goodsOf('N-2'), await goodsOf('K-2')];
    const edit = (goods: Goods, fact: string, was: unknown, is: unknown) => ({
      product: goods.id,
      of: 'product',
      part: null,
      fact,
      was,
      is,
    });
    await store.owner.ask('POST', '/api/goods/edit', {
      edits: [edit(cup, 'title', 'Egg cup', 'Egg cups'), edit(chunk, 'title', 'Piece of two', 'Mine')],
    });
    const { leftOver } = await done('undo', { id });
    expect(leftOver).toEqual([
      { title: 'Mine', why: 'Title was changed since.' },
      { title: 'Egg cups', why: 'It is new, and was changed since.' },
    ]);
    expect(await goodsOf('K-2')).toMatchObject({
      title: 'Mine',
      shortText: '=in short',
      fields: { height: 12.5 },
    });
    expect(await goodsOf('N-2')).toMatchObject({ title: 'Egg cups' });
    await run(`DELETE FROM product WHERE code IN ('N-2')`);
    await run(`UPDATE product SET title = 'Piece 2', title_key = 'chunk 2' WHERE code = 'K-2'`);
  });

  it('is left as it is where taking back would make a product wrong', async () => {
    const was = await goodsOf('K-6');
    const [{ id: variant, price }] = was.variants as [Goods['variants'][number]];
    const { id } = await compared('item_no,price\nK-6,9000\n');
    await done('write', { id });
    const reduced = {
      product: was.id,
      of: 'variant',
      part: variant,
      fact: 'reduced',
      was: null,
      is: 800_000,
    };
    expect((await store.owner.ask('POST', '/api/goods/edit', { edits: [reduced] })).json()).toEqual({
      conflicts: [],
    });
    expect(price).toBeLessThan(800_000);
    const { is, leftOver } = await done('undo', { id });
    expect(is).toBe('undone');
    expect(leftOver).toEqual([
      { title: was.title, why: `The reduced price of ${was.title} is not below its price.` },
    ]);
    await run(`UPDATE variant SET reduced = NULL, price = ${price} WHERE id = ${variant}`);
  });

  it('is matched as the last one was', async () => {
    const first = await compared('name,extra\nSome thing,7\n');
    await set(first, { matching: ['title', 'price'] });
    await done('write', { id: first.id });
    expect((await compared('extra,name\n8,Some thing\n')).settings.matching).toEqual(['price', 'title']);
    await run(`DELETE FROM product WHERE title = 'Some thing'`);
  });
});

describe('a file of JSON', () => {
  it('has a product on each line with its variants in it, and is imported like any other', async () => {
    const products = [
      {
        sku: 'J-1',
        name: 'Salt pig',
        price: 18.5,
        keywords: ['salt; pepper', 'kitchen'],
        section: [['Kitchen', 'Pots']],
        variants: [
          { finish: 'Ash', qty: 3 },
          { finish: 'Moss', qty: 0, price: 20 },
        ],
      },
      { sku: 'J-2', name: 'Spoon rest', price: 9 },
    ];
    const first = await compared(products.map((one) => JSON.stringify(one)).join('\n'));
    expect(first.settings).toMatchObject({
      dialect: { format: 'jsonl' },
      matching: ['code', 'title', 'price', 'tags', 'categories', null, 'stock'],
    });
    const { id, found } = await set(first, {
      matching: first.settings.matching.map((one, at) => (at === 5 ? 'option:Finish' : one)),
    });
    expect(found!.counts).toEqual({ new: 2, changed: 0, unchanged: 0, refused: 0 });
    await done('write', { id });
    expect(await goodsOf('J-1')).toMatchObject({
      tags: ['kitchen', 'salt; pepper'],
      variants: [
        { choice: 'Ash', price: 1850, stock: 3 },
        { choice: 'Moss', price: 2000, stock: 0 },
      ],
    });
    await done('undo', { id });
  });
});

describe('the store’s own file', () => {
  it('is unchanged when it comes back, whole and as often as it does', async () => {
    const file = await exported();
    expect(file.split('\r\n')[0]).toBe(
      '\uFEFFAddress,Item code,Title,Short description,Long description,Brand,Categories,Tags,Featured,Item code of the variant,Price,Reduced price,Stock,Field: Height,Field: Food-safe',
    );
    const { found } = await compared(file);
    expect(found!.counts).toEqual({ new: 0, changed: 0, unchanged: 30, refused: 0 });
    const lines = await store.owner.ask('GET', '/api/export/products.jsonl');
    expect(JSON.parse(lines.body.split('\n')[1]!)).toMatchObject({
      'Item code': 'K-2',
      'Short description': '=in short',
      'Field: Height': 12.5,
      Featured: false,
      variants: [{ Price: expect.stringMatching(/^\d+\.\d\d$/) as string }],
    });
    expect((await compared(lines.body)).found!.counts).toEqual({
      new: 0,
      changed: 0,
      unchanged: 30,
      refused: 0,
    });
  });

  it('makes the same store where there is nothing', async () => {
    const file = await exported();
    const other = await smallStore(1);
    await other.database.pool
      .query(`DELETE FROM product; DELETE FROM category; SELECT setval(pg_get_serial_sequence('product', 'id'), 5000);
      INSERT INTO field (id, name, type, unit) VALUES ('height', 'Height', 'number', 'cm'), ('safe', 'Food-safe', 'yesNo', '')`);
    const ask = (method: 'GET' | 'POST', url: string, body?: unknown) => other.owner.ask(method, url, body);
    await other.owner.ask('POST', '/api/import/file?name=all.csv', Buffer.from(file), {
      headers: {
        cookie: other.owner.cookie,
        'x-csrf-token': other.owner.csrf,
        'content-type': 'application/octet-stream',
      },
    });
    await other.server.parts.imports.idle();
    const { id, found } = (await ask('GET', '/api/import')).json<Answer>().state;
    expect(found!.counts).toEqual({ new: 30, changed: 0, unchanged: 0, refused: 0 });
    await ask('POST', '/api/import/write', { id });
    await other.server.parts.imports.idle();
    expect((await ask('GET', '/api/export/products.csv')).body).toBe(file);
    await other.stop();
  });

  it('is no table of formulas', async () => {
    for (const cell of (await exported()).split(/[,\r\n]+/u)) expect(cell).not.toMatch(/^"?[=+\-@]/u);
  });
});

describe('a file that cannot be read', () => {
  it.each<[string, string | Buffer, RegExp]>([
    ['empty', ' ', /There is nothing in this file/],
    ['a million columns', `${'a,'.repeat(1_000_000)}b\n`, /columns\. At most 500/],
  ])('is refused at once: %s', async (_, file, said) => {
    const answer = await send(file);
    expect(answer.statusCode).toBe(422);
    expect(answer.json<{ message: string }>().message).toMatch(said);
    expect((await state()).state).toBeNull();
  });

  it.each<[string, string | Buffer, RegExp]>([
    ['a quote that never ends', 'title,price\na,1\n"b,2\nc,3\n', /line 3 never ends/],
    [
      'a line of millions',
      `title,price\na,1\nb,${'9'.repeat(3_000_000)}\n`,
      /The row of line \d is longer than/,
    ],
    ['JSON that breaks off', '{"title":"a","price":1}\n{"title":\n', /Line 2 is no JSON/],
    ['JSON that is no product', '{"title":"a","price":1}\n[1]\n', /Line 2 is not a product/],
  ])('says where: %s', async (_, file, said) => {
    const before = await exported();
    const { is, fault, id } = await compared(file);
    expect({ is, fault }).toEqual({ is: 'failed', fault: expect.stringMatching(said) as string });
    expect((await store.owner.ask('POST', '/api/import/write', { id })).statusCode).toBe(409);
    expect(await exported()).toBe(before);
  });

  it('may be of any letters, line ends and marks', async () => {
    const text = 'title,price\r\nCrème,1\rDish,2\nPot,3';
    for (const file of [
      Buffer.from(text, 'latin1'),
      Buffer.from(`\uFEFF${text}`, 'utf16le'),
      Buffer.from(`\uFEFF${text}`, 'utf8'),
    ])
      expect((await compared(file)).found!.new.map(({ goods }) => goods.title)[0]).toBe('Crème');
  });

  it('may hold what nobody would write, which is refused row by row', async () => {
    const slashes = `${'/'.repeat(200_000)}x`;
    const { found } = await compared(
      [
        'title,price,address,category',
        `a,${'9'.repeat(200_000)},,`,
        `b,1,${slashes},`,
        `c,1,,${'x>'.repeat(400)}y`,
        `d,1,,${'x;'.repeat(400)}`,
      ].join('\n'),
    );
    expect(found!.refused.map(({ line, field }) => [line, field])).toEqual([
      [2, 'Price'],
      [4, 'Categories'],
      [5, 'Categories'],
    ]);
    const odd = await compared(
      `{"title":"half \\ud83d","price":3,"x\\ud83d":"y"}\n{"title":"nothing \\u0000","price":3}`,
    );
    expect(odd.found!.new.map(({ goods }) => goods.title)).toEqual(['half \uFFFD']);
    expect(odd.found!.refused[0]!.why).toBe('It holds a letter that is nothing (NUL).');
    expect((await done('write', { id: odd.id })).is).toBe('written');
    await done('undo', { id: odd.id });
  });

  it('has rows of other lengths refused, and gives back those that were', async () => {
    const { found } = await compared('title,price\nDish,1\nPot,2,3\nCup\n=Jug,x\n');
    expect(found!.refused.map(({ line, why }) => `${line}: ${why}`)).toEqual([
      '3: It has 3 cells, and the first row has 2.',
      '4: It has 1 cell, and the first row has 2.',
      '5: Price “x” is not an amount.',
    ]);
    const file = await store.owner.ask('GET', '/api/import/refused.csv');
    expect(file.headers['content-disposition']).toContain('not-importable.csv');
    expect(file.body.split('\r\n').slice(1, 5)).toEqual([
      '3,"It has 3 cells, and the first row has 2.",Pot,2,3',
      '4,"It has 1 cell, and the first row has 2.",Cup',
      "5,Price “x” is not an amount.,'=Jug,x",
      '',
    ]);
  });

  it('may be read in another way', async () => {
    const first = await compared('title;price\nDish;1.500\n');
    expect(first.found!.new[0]!.goods.price).toBe(150_000);
    expect((await set(first, { decimal: '.' })).found!.counts).toMatchObject({ new: 1, refused: 0 });
    expect((await state()).state.found!.new[0]!.goods.price).toBe(150);
    const commas = await set(first, { dialect: { ...first.settings.dialect, separator: ',' } });
    expect(commas.columns).toHaveLength(1);
    expect(
      (await set(commas, { dialect: { ...first.settings.dialect, header: false } })).columns.map(
        ({ name }) => name,
      ),
    ).toEqual(['', '']);
  });
});

describe('work on a file', () => {
  it('is gone on with by a server that starts', async () => {
    await compared('title,price\nLate dish,7\n');
    await run(`UPDATE goods_import SET state = 'writing', run = run + 1`);
    const next = await makeServer({ databaseUrl: store.database.url, picturesFolder: store.folder });
    await next.parts.imports.idle();
    expect((await state()).state).toMatchObject({ is: 'written', fault: null });
    await next.stop();
    await run(`DELETE FROM product WHERE title = 'Late dish'`);
  });

  it('writes nothing where the catalogue was changed since it was shown', async () => {
    const { id } = await compared('title,price\nNew dish,7\n');
    await store.owner.ask('POST', '/api/goods/new', { title: 'New dish', price: 700 });
    const { is, fault } = await done('write', { id });
    expect(is).toBe('compared');
    expect(fault).toMatch(/^The catalogue was changed since this was shown/);
    await run(`DELETE FROM product WHERE title = 'New dish'`);
  });

  it('is not asked of what is not so far, nor of what is gone', async () => {
    const { id } = await compared('title,price\nDish,7\n');
    const ask = async (path: string, of: number) => {
      const answer = await store.owner.ask('POST', `/api/import/${path}`, { id: of });
      return [answer.statusCode, answer.json<{ code?: string }>().code];
    };
    expect(await ask('undo', id)).toEqual([409, 'import-busy']);
    expect(await ask('write', id + 1)).toEqual([409, 'import-gone']);
    await run(`UPDATE goods_import SET state = 'undoing'`);
    expect((await send('title,price\nCup,7\n')).statusCode).toBe(409);
    expect(await ask('stop', id)).toEqual([200, undefined]);
    await idle();
    expect((await state()).state.is).toBe('written');
    // What can be undone is not forgotten; what was only looked at is.
    expect(await ask('forget', id)).toEqual([200, undefined]);
    expect((await state()).state.id).toBe(id);
    const next = await compared('title,price\nCup,7\n');
    expect(await ask('forget', next.id)).toEqual([200, undefined]);
    expect((await state()).state.id).toBe(id);
  });

  it('ends when it is stopped, and nothing of it stays', async () => {
    const before = await exported();
    const many = Array.from({ length: 3_000 }, (_, i) => `S-${i},Stopped ${i},7,New > Stopped ${i % 30}`);
    const { id } = await compared(['code,title,price,category', ...many].join('\n'));
    await store.owner.ask('POST', '/api/import/write', { id });
    for (;;) {
      const { is, rowsRead } = (await state()).state;
      expect(is).toBe('writing');
      if (rowsRead > 0) break;
    }
    expect((await done('stop', { id })).is).toBe('compared');
    expect(await exported()).toBe(before);
    expect((await run(`SELECT count(*)::int AS n FROM category WHERE name = 'Stopped 1'`)).rows).toEqual([
      { n: 0 },
    ]);
  });
});
