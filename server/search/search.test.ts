import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { search } from './search.ts';
import { searchIn } from './searchIn.ts';

let database: TestDatabase;
const ask = (words: string) => search(database.pool, words);
const run = (sql: string, values: unknown[] = []) => database.pool.query(sql, values);

/** What the search keeps, as it was written. */
const kept = async () =>
  (await run('SELECT product_id, title, codes, vector::text FROM product_search ORDER BY 1'))
    .rows as object[];

beforeAll(async () => {
  database = await testDatabase();
  await run(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1, NULL, 'tableware', 'Tableware'), (2, 1, 'jugs', 'Jugs and ewers'), (3, NULL, 'rest', 'Everything')`,
  );
  await run('UPDATE category SET catch_all = true WHERE id = 3');
  await run(
    `INSERT INTO brand (id, slug, name) VALUES (1, 'farrow', 'Odile Farrow'), (2, 'hale', 'Tobin Hale')`,
  );
  await run(`INSERT INTO option (id, name) VALUES (1, 'Glaze')`);
  await run(`INSERT INTO option_value (id, option_id, name) VALUES (1, 1, 'Fogbank'), (2, 1, 'Céladon')`);
  await run(
    `INSERT INTO field (id, name, type, unit) VALUES ('made', 'Made', 'text', ''), ('size', 'Capacity', 'number', 'ml'), ('safe', 'Dishwasher', 'yesNo', '')`,
  );
  const rows: [string, string, number | null, object][] = [
    ['Pouring jug', 'KC-1001', 1, { made: 'thrown', size: 400, safe: true }],
    ['Pouring jug, large', 'KC-1002', 1, { safe: false }],
    ['Dinner plates', 'KC-1003', 2, {}],
    ['Slate dish', 'KC-1004', 2, {}],
    ['Café au lait bowl', 'KC/1005.b', null, {}],
    ['The mug with a lid', '', null, {}],
  ];
  for (const [i, [title, code, brand, fields]] of rows.entries())
    await run(
      `INSERT INTO product (id, slug, title, title_key, code, brand_id, fields, on_sale_from) VALUES ($1::int, $2, $3::text, lower($3::text), $4, $5, $6, now() - $1::int * interval '1 day')`,
      [i + 1, `p${i + 1}`, title, code, brand, fields],
    );
  await run(
    `INSERT INTO product_text (product_id, short_text, long_text) VALUES (1, 'It does not drip.', 'Pours cleanly.'), (3, '', 'Goes with the jug.')`,
  );
  await run(
    `INSERT INTO variant (id, product_id, position, code, price) SELECT id, id, 0, '', 1000 FROM product`,
  );
  await run(
    `INSERT INTO variant (id, product_id, position, code, price) VALUES (21, 1, 1, 'KC-1001-fog', 1000)`,
  );
  await run(`INSERT INTO variant_value VALUES (21, 1)`);
  await run(`INSERT INTO product_category VALUES (1, 2), (2, 2), (3, 1), (4, 3)`);
  await run(`INSERT INTO product_tag VALUES (4, 'tidewrack')`);
});
afterAll(() => database.drop());

describe('a search of the store', () => {
  it.each<[string, number[], string]>([
    ['a title', [1, 2], 'pouring jug'],
    ['a title that another begins with, the whole one first', [2], 'Pouring jug, large'],
    ['a form of a word', [3], 'plate'],
    ['the beginning of the last word alone', [3], 'din'],
    ['a maker', [1, 2], 'farrow'],
    ['a category, and what is above it', [1, 2], 'ewers'],
    ['a main category', [1, 2, 3], 'tableware'],
    ['a tag', [4], 'tidewrack'],
    ['a value of an option', [1], 'fogbank jug'],
    ['an item code, however it is written', [5], 'kc 1005 B'],
    ['the code of a variant', [1], 'KC-1001-FOG'],
    ['a field with its unit', [1], '400 ml'],
    ['a field that is true, and not one that is false', [1], 'dishwasher'],
    ['a description', [1], 'drip'],
    ['letters without their marks', [5], 'cafe'],
    ['letters with marks that are not there', [4], 'släte'],
    ['words in any case, with signs between them', [1, 2], '*** JUG!! '],
    ['words without those that the language passes over', [6], 'a mug and lid'],
  ])('finds products by %s', async (_, ids, words) => {
    const { how, ids: found } = await ask(words);
    expect(how).toBe('asTyped');
    expect([...found].slice(0, ids.length)).toEqual(ids);
    // A description counts for less than a title.
    if (words === 'tableware') expect(found).toHaveLength(3);
  });

  it('puts a title before a description', async () => {
    expect((await ask('jug')).ids).toEqual([1, 2, 3]);
  });

  it('puts what sold more in thirty days before what only is newer', async () => {
    await run(
      `INSERT INTO product (id, slug, title, title_key, on_sale_from) SELECT n, n, t, lower(t), now() - n * interval '1 day'
       FROM (VALUES (11, 'Salt cellar, round'), (12, 'Salt cellar, tall')) AS two (n, t)`,
    );
    expect((await ask('salt cellar')).ids).toEqual([11, 12]);
    await run('INSERT INTO sold_window (days, product_id, units) VALUES (30, 12, 5), (90, 11, 50)');
    expect((await ask('salt cellar')).ids).toEqual([12, 11]);
    await run('DELETE FROM product WHERE id > 10');
    expect((await ask('salt cellar')).how).toBe('nothing');
  });

  it.each<[string, number, string]>([
    ['jgu', 1, 'jug'],
    ['puoring jug', 1, 'pouring jug'],
    ['dinnner plates', 3, 'dinner plates'],
    ['fogbnk', 1, 'fogbank'],
    ['tabelware', 3, 'tableware'],
  ])('finds what is spelt otherwise: %s', async (words, id, instead) => {
    const found = await ask(words);
    expect(found.ids).toContain(id);
    expect(found.how).toBe('spelt');
    expect(found.instead).toBe(instead);
  });

  it('finds a word that is spelt as another one that there is', async () => {
    // "Slate" is in the store.
    const found = await ask('dinner slates');
    expect(found.ids[0]).toBe(3);
    // And says so, with the word alone that was taken for another.
    expect([found.how, found.instead]).toEqual(['spelt', 'dinner plates']);
    expect((await ask('slate')).how).toBe('asTyped');
  });

  it('shows what has some of the words where nothing has all, and what sells best where nothing has any', async () => {
    const some = await ask('jug slate');
    expect(some.how).toBe('some');
    expect(new Set(some.ids)).toEqual(new Set([1, 2, 3, 4]));
    await run('UPDATE variant SET stock = 0 WHERE product_id = 4');
    await run('INSERT INTO sold_window (days, product_id, units) VALUES (30, 3, 9)');
    const nothing = await ask('xylophone');
    expect(nothing.how).toBe('nothing');
    expect(nothing.ids[0]).toBe(3);
    expect(nothing.ids).not.toContain(4);
    expect((await ask('')).how).toBe('asTyped');
    await run('DELETE FROM sold_window');
  });

  it('takes anything at all, in bounded time', async () => {
    const hostile = [
      "'; DROP TABLE product; --",
      `o'neil \\ ' :* & | ! ( ) <->`,
      '\u202eגב🙂',
      '🙂🙂',
      '%_%',
      'a'.repeat(120),
      Array.from({ length: 60 }, (_, i) => `w${i}`)
        .join(' ')
        .slice(0, 120),
      '\\',
      '１２３ ﬁne',
      'z\u0301\u0301\u0301',
    ];
    for (const words of hostile) {
      const begun = performance.now();
      const found = await ask(words);
      expect(found.ids.length, words).toBeGreaterThan(0);
      expect(performance.now() - begun, words).toBeLessThan(2_000);
    }
    await fc.assert(
      fc.asyncProperty(fc.string({ unit: 'grapheme', maxLength: 60 }), async (words) => {
        expect((await ask(words.replaceAll('\0', ''))).ids.length).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });
});

describe('what the search keeps', () => {
  const changes: [string, string][] = [
    ['a title', `UPDATE product SET title = 'Ewer' WHERE id = 1`],
    ['an item code', `UPDATE product SET code = 'X-1' WHERE id = 2`],
    ['the code of a variant', `UPDATE variant SET code = 'V-7' WHERE id = 21`],
    [
      'a new variant',
      `INSERT INTO variant (id, product_id, position, code, price) VALUES (30, 3, 1, 'NEW-3', 900)`,
    ],
    ['a variant that is gone', 'DELETE FROM variant WHERE id = 30'],
    ['a field', `UPDATE product SET fields = '{"made": "cast"}' WHERE id = 3`],
    ['the name of a field', `UPDATE field SET name = 'Volume' WHERE id = 'size'`],
    ['the brand of a product', 'UPDATE product SET brand_id = 2 WHERE id = 1'],
    ['the name of a brand', `UPDATE brand SET name = 'Hale & Daughters' WHERE id = 2`],
    ['the name of a category', `UPDATE category SET name = 'Pourers' WHERE id = 2`],
    ['another category', 'INSERT INTO product_category VALUES (5, 2)'],
    ['the name of a value', `UPDATE option_value SET name = 'Mist' WHERE id = 1`],
    ['another value', 'INSERT INTO variant_value VALUES (21, 2)'],
    ['a tag', `INSERT INTO product_tag VALUES (1, 'gift')`],
    ['a description', `UPDATE product_text SET long_text = 'Thrown in one piece.' WHERE product_id = 3`],
    ['a description that is gone', 'DELETE FROM product_text WHERE product_id = 1'],
    ['a field that is gone', `DELETE FROM field WHERE id = 'safe'`],
    ['a product that is gone', 'DELETE FROM product WHERE id = 4'],
  ];

  it('follows every change of the catalogue, and is what it would be if it were all read again', async () => {
    for (const [what, change] of changes) {
      const before = await kept();
      await run(change);
      const after = await kept();
      expect(after, what).not.toEqual(before);
      await run('SELECT refresh_search(ARRAY(SELECT id FROM product))');
      expect(await kept(), what).toEqual(after);
    }
  });

  it('does not change with an order', async () => {
    const before = await kept();
    await run('UPDATE variant SET stock = 3, price = 700');
    await run('UPDATE product SET featured = true, rating_count = 4, rating_sum = 12');
    expect(await kept()).toEqual(before);
  });

  it('knows the forms of words of the store’s language', async () => {
    await run(`UPDATE product SET title = 'Große Teller' WHERE id = 2`);
    expect((await ask('Tellern')).how).not.toBe('asTyped');
    await searchIn(database.pool, 'german');
    expect((await ask('Tellern')).ids[0]).toBe(2);
    await searchIn(database.pool, 'german');
    await searchIn(database.pool, 'english');
  });

  it('finds the words of a description that is written in HTML, and nothing of how it is written', async () => {
    const html =
      '<h2>For <em>winter</em></h2><ul><li class="zebra">snowdrop &amp; ivy</li></ul><p>1 &lt; 2</p>';
    await run('UPDATE product_text SET long_text = $1 WHERE product_id = 3', [html]);
    for (const words of ['winter', 'snowdrop ivy']) expect((await ask(words)).ids, words).toEqual([3]);
    const { rows } = await run('SELECT vector::text AS vector FROM product_search WHERE product_id = 3');
    for (const not of ['zebra', 'amp', 'class', 'li', 'h2'])
      expect(rows[0].vector.includes(`'${not}'`), not).toBe(false);
    // Signs alone make no HTML of a text.
    await run(`UPDATE product_text SET long_text = 'narrow <but> tall' WHERE product_id = 3`);
    expect((await ask('narrow tall')).ids).toEqual([3]);
  });

  it('holds a description of any length', async () => {
    const long = Array.from({ length: 400_000 }, (_, i) => `word${i}`).join(' ');
    await run('UPDATE product_text SET long_text = $1 WHERE product_id = 3', [long]);
    expect((await ask('word12')).ids).toEqual([3]);
  });
});
