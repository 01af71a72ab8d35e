import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { makeServer } from '../app.ts';
import { importing, type Importing } from '../specimen/importing.ts';
import { WorkThread } from '../work/workThread.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let files: Importing;
const run = (sql: string) => store.database.pool.query(sql);

beforeAll(async () => {
  store = await smallStore(12);
  files = importing(store);
  for (const table of ['product', 'category'])
    await run(`SELECT setval(pg_get_serial_sequence('${table}', 'id'), 5000)`);
});
afterAll(() => store.stop());
beforeEach(() => run('DELETE FROM goods_import'));

describe('a file that cannot be read', () => {
  it.each<[string, string | Buffer, RegExp]>([
    ['empty', ' ', /There is nothing in this file/],
    ['a million columns', `${'a,'.repeat(1_000_000)}b\n`, /columns\. At most 500/],
  ])('is refused at once: %s', async (_, file, said) => {
    const answer = await files.send(file);
    expect(answer.statusCode).toBe(422);
    expect(answer.json<{ message: string }>().message).toMatch(said);
    expect((await files.answer()).state).toBeNull();
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
    const before = await files.exported();
    const { is, fault, id } = await files.compared(file);
    expect({ is, fault }).toEqual({ is: 'failed', fault: expect.stringMatching(said) as string });
    expect((await store.owner.ask('POST', '/api/import/write', { id })).statusCode).toBe(409);
    expect(await files.exported()).toBe(before);
  });

  it('may be of any letters, line ends and marks', async () => {
    const text = 'title,price\r\nCrème,1\rDish,2\nPot,3';
    for (const file of [
      Buffer.from(text, 'latin1'),
      Buffer.from(`\uFEFF${text}`, 'utf16le'),
      Buffer.from(`\uFEFF${text}`, 'utf8'),
    ])
      expect((await files.compared(file)).found!.new.map(({ goods }) => goods.title)[0]).toBe('Crème');
  });

  it('may hold what nobody would write, which is refused row by row', async () => {
    const slashes = `${'/'.repeat(200_000)}x`;
    const { found } = await files.compared(
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
    const odd = await files.compared(
      `{"title":"half \\ud83d","price":3,"x\\ud83d":"y"}\n{"title":"nothing \\u0000","price":3}`,
    );
    expect(odd.found!.new.map(({ goods }) => goods.title)).toEqual(['half \uFFFD']);
    expect(odd.found!.refused[0]!.why).toBe('It holds a letter that is nothing (NUL).');
    expect((await files.done('write', { id: odd.id })).is).toBe('written');
    await files.done('undo', { id: odd.id });
  });

  it('has rows of other lengths refused, and gives back those that were', async () => {
    const { found } = await files.compared('title,price\nDish,1\nPot,2,3\nCup\n=Jug,x\n');
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
    const first = await files.compared('title;price\nDish;1.500\n');
    expect(first.found!.new[0]!.goods.price).toBe(150_000);
    expect((await files.set(first, { decimal: '.' })).found!.counts).toMatchObject({ new: 1, refused: 0 });
    expect((await files.answer()).state.found!.new[0]!.goods.price).toBe(150);
    const commas = await files.set(first, { dialect: { ...first.settings.dialect, separator: ',' } });
    expect(commas.columns).toHaveLength(1);
    expect(
      (await files.set(commas, { dialect: { ...first.settings.dialect, header: false } })).columns.map(
        ({ name }) => name,
      ),
    ).toEqual(['', '']);
  });
});

describe('work on a file', () => {
  it('is gone on with by a server that starts', async () => {
    await files.compared('title,price\nLate dish,7\n');
    await run(`UPDATE goods_import SET state = 'writing', run = run + 1`);
    const next = await makeServer({ databaseUrl: store.database.url, picturesFolder: store.folder });
    await next.parts.work.idle();
    expect((await files.answer()).state).toMatchObject({ is: 'written', fault: null });
    await next.stop();
    await run(`DELETE FROM product WHERE title = 'Late dish'`);
  });

  it('that takes more memory than there is ends with a sentence, and is not begun again', async () => {
    await files.compared('title,price\nLarge dish,7\n');
    const thread = new WorkThread(store.database.pool, store.database.url, Date.now, 1);
    for (const [state, left] of [
      ['comparing', 'failed'],
      ['writing', 'compared'],
    ] as const) {
      await run(`UPDATE goods_import SET state = '${state}', fault = NULL`);
      thread.go();
      await thread.idle();
      await vi.waitFor(async () =>
        expect((await files.answer()).state).toMatchObject({
          is: left,
          fault: expect.stringContaining('memory'),
        }),
      );
    }
    await thread.stop();
  });

  it('writes nothing where the catalogue was changed since it was shown', async () => {
    const { id } = await files.compared('title,price\nNew dish,7\n');
    await store.owner.ask('POST', '/api/goods/new', { title: 'New dish', price: 700 });
    const { is, fault } = await files.done('write', { id });
    expect(is).toBe('compared');
    expect(fault).toMatch(/^The catalogue was changed since this was shown/);
    await run(`DELETE FROM product WHERE title = 'New dish'`);
  });

  it('is not asked of what is not so far, nor of what is gone', async () => {
    const { id } = await files.compared('title,price\nDish,7\n');
    const ask = async (path: string, of: number) => {
      const answer = await store.owner.ask('POST', `/api/import/${path}`, { id: of });
      return [answer.statusCode, answer.json<{ code?: string }>().code];
    };
    expect(await ask('undo', id)).toEqual([409, 'import-busy']);
    expect(await ask('write', id + 1)).toEqual([409, 'import-gone']);
    await run(`UPDATE goods_import SET state = 'undoing'`);
    expect((await files.send('title,price\nCup,7\n')).statusCode).toBe(409);
    expect(await ask('stop', id)).toEqual([200, undefined]);
    await files.idle();
    expect((await files.answer()).state.is).toBe('written');
    // What can be undone is not forgotten; what was only looked at is.
    expect(await ask('forget', id)).toEqual([200, undefined]);
    expect((await files.answer()).state.id).toBe(id);
    const next = await files.compared('title,price\nCup,7\n');
    expect(await ask('forget', next.id)).toEqual([200, undefined]);
    expect((await files.answer()).state.id).toBe(id);
  });

  it('ends when it is stopped, and nothing of it stays', async () => {
    const before = await files.exported();
    const many = Array.from({ length: 3_000 }, (_, i) => `S-${i},Stopped ${i},7,New > Stopped ${i % 30}`);
    const { id } = await files.compared(['code,title,price,category', ...many].join('\n'));
    await store.owner.ask('POST', '/api/import/write', { id });
    for (;;) {
      const { is, rowsRead } = (await files.answer()).state;
      expect(is).toBe('writing');
      if (rowsRead > 0) break;
    }
    expect((await files.done('stop', { id })).is).toBe('compared');
    expect(await files.exported()).toBe(before);
    expect((await run(`SELECT count(*)::int AS n FROM category WHERE name = 'Stopped 1'`)).rows).toEqual([
      { n: 0 },
    ]);
  });
});
