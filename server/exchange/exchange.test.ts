import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Goods } from '../../core/goods/goods.ts';
import { importing, type Importing } from '../specimen/importing.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let files: Importing;
const run = (sql: string) => store.database.pool.query(sql);

beforeAll(async () => {
  store = await smallStore(30);
  files = importing(store);
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
    const before = await files.exported();
    const { settings, found, is, hows, columns } = await files.compared(SHOP);
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
    expect(await files.exported()).toBe(before);
  });

  it('is imported, seen at once, and taken back to the byte', async () => {
    const before = await files.exported();
    const first = await files.compared(SHOP);
    const second = await files.set(first, {
      matching: first.settings.matching.map((id, at) => (at === 10 ? 'option:Glaze' : id)),
    });
    expect(second.found!.counts).toEqual({ new: 2, changed: 1, unchanged: 0, refused: 1 });
    expect(second.found!.made).toMatchObject({
      brands: [{ name: 'New & Co.' }],
      options: [{ name: 'Glaze' }],
      values: [{ name: 'Inkwell' }, { name: 'Peat' }],
    });
    expect(await files.done('write', { id: first.id })).toMatchObject({ is: 'written', fault: null });

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

    expect((await files.answer()).last).toMatchObject({ id: first.id, products: 3 });
    const undone = await files.done('undo', { id: first.id });
    expect(undone).toMatchObject({ is: 'undone', leftOver: [], fault: null });
    expect(await files.exported()).toBe(before);
    expect(
      (await run(`SELECT count(*)::int AS n FROM category WHERE name IN ('Jugs', 'Cups', 'Tableware')`)).rows,
    ).toEqual([{ n: 0 }]);
    expect((await run('SELECT count(*)::int AS n FROM option')).rows).toEqual([{ n: 0 }]);
    expect((await store.get('/product/inkwell-jug')).statusCode).toBe(404);
  });

  it('is taken back but for what was changed since, and that is named', async () => {
    const { id } = await files.compared(SHOP);
    await files.done('write', { id });
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
    const { leftOver } = await files.done('undo', { id });
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
    const { id } = await files.compared('item_no,price\nK-6,9000\n');
    await files.done('write', { id });
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
    const { is, leftOver } = await files.done('undo', { id });
    expect(is).toBe('undone');
    expect(leftOver).toEqual([
      { title: was.title, why: `The reduced price of ${was.title} is not below its price.` },
    ]);
    await run(`UPDATE variant SET reduced = NULL, price = ${price} WHERE id = ${variant}`);
  });

  it('is matched as the last one was', async () => {
    const first = await files.compared('name,extra\nSome thing,7\n');
    await files.set(first, { matching: ['title', 'price'] });
    await files.done('write', { id: first.id });
    expect((await files.compared('extra,name\n8,Some thing\n')).settings.matching).toEqual([
      'price',
      'title',
    ]);
    await run(`DELETE FROM product WHERE title = 'Some thing'`);
  });
});

describe('pictures, collections and fields that a file names', () => {
  it('are found or made, come back with the next export, and are taken back with the rest', async () => {
    const [front, back] = ['a'.repeat(64), 'b'.repeat(64)];
    for (const [id, name] of [
      [front, 'jug front'],
      [back, 'jug; back'],
    ])
      await store.database.pool.query(
        `WITH file AS (INSERT INTO picture_file (id, width, height, bytes, dominant, placeholder, see_through, grid)
           VALUES ($1, 4, 3, '\\x00', '#102030', '', false, '[]') RETURNING id)
         INSERT INTO picture (id, file_id, name, added_at) SELECT id, id, $2, now() FROM file`,
        [id, name],
      );
    await run(
      `INSERT INTO collection (id, slug, name, rule) VALUES (71, 'ruled', 'Ruled', '{"join": "all", "parts": []}')`,
    );
    await run(`SELECT setval(pg_get_serial_sequence('collection', 'id'), 5000)`);
    const before = await files.exported();
    const file = [
      'code,title,price,images,collections,Wall',
      'P-1,Pictured jug,12.00,"https://pictures.example/jug_front.jpg?w=90;jug\\; back",Brand new; Ruled no more,2.5',
      'K-2,,,jug front,Brand new,',
      'K-4,,,not there.jpg,,3',
      'K-6,,,,Ruled,',
    ].join('\n');
    const first = await files.compared(file);
    expect(first.settings.matching).toEqual(['code', 'title', 'price', 'pictures', 'collections', null]);
    const second = await files.set(first, {
      matching: [...first.settings.matching.slice(0, 5), 'newField:number:Wall'],
    });
    const { found } = second;
    expect(found!.counts).toMatchObject({ new: 1, changed: 2, refused: 1 });
    expect(found!.refused[0]).toMatchObject({
      line: 5,
      why: expect.stringContaining('“Ruled” is filled by a rule'),
    });
    expect(found!.made.collections.map(({ name }) => name)).toEqual(['Brand new', 'Ruled no more']);
    expect(found).toMatchObject({ lostPictures: 1, lost: ['not there.jpg'] });
    expect(await files.done('write', { id: first.id })).toMatchObject({ is: 'written', fault: null });

    const made = await goodsOf('P-1');
    expect(made).toMatchObject({ pictureIds: [front, back], fields: { wall: 2.5 } });
    expect(made.collectionIds).toHaveLength(2);
    expect(await goodsOf('K-2')).toMatchObject({
      pictureIds: [front],
      collectionIds: [made.collectionIds[0]],
    });
    expect(await goodsOf('K-4')).toMatchObject({ pictureIds: [], fields: { wall: 3 } });
    // The store's own file names them as it found them.
    const again = await files.exported();
    const [head, ...rows] = again.split('\r\n');
    expect(head).toContain('Collections,Tags,Pictures');
    expect(head).toContain('Field: Wall');
    expect(rows.find((row) => row.includes('P-1'))).toContain('jug front; jug\\; back');
    expect((await files.compared(again)).found!.counts).toMatchObject({ new: 0, changed: 0, refused: 0 });

    expect(await files.done('undo', { id: first.id })).toMatchObject({ is: 'undone', leftOver: [] });
    expect(await files.exported()).toBe(before);
    const { rows: left } = await run(`SELECT name FROM collection WHERE name IN ('Brand new', 'Ruled no more')
      UNION ALL SELECT name FROM field WHERE name = 'Wall'`);
    expect(left).toEqual([]);
    // Two columns that would make fields of one name.
    const twice = await files.compared(['code,Wall,wall!', 'K-2,1,2'].join('\n'));
    const both = await files.set(twice, {
      matching: ['code', 'newField:number:Wall', 'newField:number:wall!'],
    });
    expect(both.found!.counts).toMatchObject({ changed: 1 });
    expect(await files.done('write', { id: both.id })).toMatchObject({
      is: 'compared',
      fault: expect.stringMatching(/Another .*field/),
    });
    expect(await files.exported()).toBe(before);
    await run('DELETE FROM collection WHERE id = 71');
    await run(`DELETE FROM picture`);
  });
});

describe('descriptions in HTML', () => {
  it('come in as what they mean, and are the same when they come again', async () => {
    const html =
      '"<div style=""color:red""><h1>In use</h1><p>Pour &amp; <b>wait</b>.</p><script>go()</script><ul><li>once</li></ul></div>"';
    const file = `code,description\nK-8,${html}`;
    const before = await files.exported();
    const { id, found } = await files.compared(file);
    expect(found!.counts).toMatchObject({ changed: 1, refused: 0 });
    await files.done('write', { id });
    expect((await goodsOf('K-8')).longText).toBe(
      '<h2>In use</h2>\n<p>Pour &amp; <strong>wait</strong>.</p>\n<ul><li>once</li></ul>',
    );
    expect((await files.compared(file)).found!.counts).toMatchObject({ changed: 0, unchanged: 1 });
    expect((await files.compared(await files.exported())).found!.counts).toMatchObject({
      changed: 0,
      new: 0,
    });
    await files.done('undo', { id });
    expect(await files.exported()).toBe(before);
  });
});

describe('tags that a file names', () => {
  it('are found by what they are called or were called first, and new ones go again with the import', async () => {
    await run(`INSERT INTO product_tag SELECT id, 'sea' FROM product WHERE code = 'K-4'`);
    await run(`UPDATE tag SET name = 'From the sea' WHERE id = 'sea'`);
    const before = await files.exported();
    const [head, ...rows] = before.split('\r\n');
    expect(head).toContain('Tags');
    expect(rows.filter((row) => row.includes('From the sea'))).toHaveLength(1);
    expect((await files.compared(before)).found!.counts).toMatchObject({ new: 0, changed: 0, refused: 0 });
    const file = ['code,tags', 'K-2,From the sea; storm', 'K-4,sea', 'K-6,sea; From the sea; storm'].join(
      '\n',
    );
    const { id, found } = await files.compared(file);
    expect(found!.counts).toMatchObject({ changed: 2, unchanged: 1, refused: 0 });
    expect(found!.newTags).toBe(1);
    await files.done('write', { id });
    expect((await goodsOf('K-2')).tags).toEqual(['sea', 'storm']);
    expect((await goodsOf('K-6')).tags).toEqual(['sea', 'storm']);
    await files.done('undo', { id });
    expect(await files.exported()).toBe(before);
    expect((await run(`SELECT id FROM tag WHERE id IN ('sea', 'storm')`)).rows).toEqual([{ id: 'sea' }]);
    await run(`DELETE FROM product_tag WHERE tag = 'sea'`);
    await run(`DELETE FROM tag WHERE id = 'sea'`);
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
    const first = await files.compared(products.map((one) => JSON.stringify(one)).join('\n'));
    expect(first.settings).toMatchObject({
      dialect: { format: 'jsonl' },
      matching: ['code', 'title', 'price', 'tags', 'categories', null, 'stock'],
    });
    const { id, found } = await files.set(first, {
      matching: first.settings.matching.map((one, at) => (at === 5 ? 'option:Finish' : one)),
    });
    expect(found!.counts).toEqual({ new: 2, changed: 0, unchanged: 0, refused: 0 });
    await files.done('write', { id });
    expect(await goodsOf('J-1')).toMatchObject({
      tags: ['kitchen', 'salt; pepper'],
      variants: [
        { choice: 'Ash', price: 1850, stock: 3 },
        { choice: 'Moss', price: 2000, stock: 0 },
      ],
    });
    await files.done('undo', { id });
  });
});

describe('products of schema.org', () => {
  const product = (sku: string, name: string, more: object = {}) => ({
    '@type': 'Product',
    sku,
    name,
    offers: { '@type': 'Offer', price: '14.50', availability: 'https://schema.org/InStock' },
    ...more,
  });
  const graph = (...products: object[]) =>
    JSON.stringify({ '@context': 'https://schema.org', '@graph': products }, null, 2);

  it('are matched by themselves, looked at, written and undone like any others', async () => {
    const file = graph(
      product('L-1', 'Storm lamp', { brand: { name: 'Moor' }, category: 'Lamps > Storm', keywords: ['sea'] }),
      product('L-2', 'Desk lamp', {
        offers: undefined,
        hasVariant: [
          { '@type': 'Product', sku: 'L-2-B', color: 'Brass', offers: { price: 30 } },
          { '@type': 'Product', sku: 'L-2-C', color: 'Copper', offers: { price: 32 } },
        ],
      }),
      { '@type': 'Organization', name: 'Moor' },
    );
    const first = await files.compared(file);
    expect(first.settings.dialect.format).toBe('jsonl');
    const at = first.columns.findIndex(({ name }) => name === 'Color');
    const { id, found } = await files.set(first, {
      matching: first.settings.matching.map((one, i) => (i === at ? 'option:Colour' : one)),
    });
    expect(found!.counts).toEqual({ new: 2, changed: 0, unchanged: 0, refused: 0 });
    await files.done('write', { id });
    expect(await goodsOf('L-1')).toMatchObject({
      title: 'Storm lamp',
      tags: ['sea'],
      variants: [{ price: 1450 }],
    });
    expect(await goodsOf('L-2')).toMatchObject({
      variants: [
        { choice: 'Brass', price: 3000, code: 'L-2-B' },
        { choice: 'Copper', price: 3200, code: 'L-2-C' },
      ],
    });
    expect((await files.compared(file)).found!.rows).toBe(3);
    await files.done('undo', { id });
  });

  it('are refused in a sentence where there are none, or not all of the file', async () => {
    const said = async (text: string) => {
      const answer = await files.send(text);
      return [answer.statusCode, answer.json<{ message: string }>().message];
    };
    expect(await said(graph({ '@type': 'WebPage' }))).toEqual([422, 'There is no product in this JSON-LD.']);
    expect(await said(graph(product('L-3', 'Lamp')).slice(0, -20))).toEqual([
      422,
      expect.stringMatching(/^This JSON-LD cannot be read\./),
    ]);
    // One on each line.
    const lines = [product('L-4', 'Hand lamp'), product('L-5', 'Wall lamp')];
    expect((await files.compared(lines.map((one) => JSON.stringify(one)).join('\n'))).found!.counts.new).toBe(
      2,
    );
  });
});

describe('the store’s own file', () => {
  it('is unchanged when it comes back, whole and as often as it does', async () => {
    const file = await files.exported();
    expect(file.split('\r\n')[0]).toBe(
      '\uFEFFAddress,Item code,Title,Short description,Long description,Brand,Categories,Collections,Tags,Pictures,Featured,Item code of the variant,Price,Reduced price,Stock,Field: Height,Field: Food-safe',
    );
    const { found } = await files.compared(file);
    expect(found!.counts).toEqual({ new: 0, changed: 0, unchanged: 30, refused: 0 });
    const lines = await store.owner.ask('GET', '/api/export/products.jsonl');
    expect(JSON.parse(lines.body.split('\n')[1]!)).toMatchObject({
      'Item code': 'K-2',
      'Short description': '=in short',
      'Field: Height': 12.5,
      Featured: false,
      variants: [{ Price: expect.stringMatching(/^\d+\.\d\d$/) as string }],
    });
    expect((await files.compared(lines.body)).found!.counts).toEqual({
      new: 0,
      changed: 0,
      unchanged: 30,
      refused: 0,
    });
  });

  it('makes the same store where there is nothing', async () => {
    const file = await files.exported();
    const other = await smallStore(1);
    await other.database.pool
      .query(`DELETE FROM product; DELETE FROM category; SELECT setval(pg_get_serial_sequence('product', 'id'), 5000);
      INSERT INTO field (id, name, type, unit) VALUES ('height', 'Height', 'number', 'cm'), ('safe', 'Food-safe', 'yesNo', '')`);
    const others = importing(other);
    const { id, found } = await others.compared(file);
    expect(found!.counts).toEqual({ new: 30, changed: 0, unchanged: 0, refused: 0 });
    await others.done('write', { id });
    expect(await others.exported()).toBe(file);
    await other.stop();
  });

  it('is no table of formulas', async () => {
    for (const cell of (await files.exported()).split(/[,\r\n]+/u)) expect(cell).not.toMatch(/^"?[=+\-@]/u);
  });
});
