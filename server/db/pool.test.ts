import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { asFault } from '../faults.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { inTransaction } from './pool.ts';

let database: TestDatabase;
beforeAll(async () => {
  database = await testDatabase();
  await database.pool.query('CREATE TABLE counted (id integer PRIMARY KEY, n integer NOT NULL DEFAULT 0)');
  await database.pool.query('INSERT INTO counted VALUES (1), (2)');
});
afterAll(() => database.drop());

const failing = (code: string, often: number) => {
  let tries = 0;
  return {
    tries: () => tries,
    work: async () => {
      tries += 1;
      if (tries <= often) throw Object.assign(new Error('met'), { code });
      return tries;
    },
  };
};

describe('a transaction', () => {
  it('that met another one is run again, some times', async () => {
    for (const code of ['40001', '40P01']) {
      const { work, tries } = failing(code, 2);
      expect(await inTransaction(database.pool, work)).toBe(3);
      expect(tries()).toBe(3);
    }
    const endless = failing('40001', 100);
    const error: unknown = await inTransaction(database.pool, endless.work).catch((one: unknown) => one);
    expect(endless.tries()).toBe(4);
    expect(asFault(error)).toMatchObject({ code: 'too-busy', statusCode: 503 });
  });

  it('that failed for another reason is not', async () => {
    const { work, tries } = failing('23505', 1);
    await expect(inTransaction(database.pool, work)).rejects.toThrow('met');
    expect(tries()).toBe(1);
  });

  it('waits for another in a ring once, and both end well', async () => {
    const { pool } = database;
    const add = (first: number, second: number) =>
      inTransaction(pool, async (client) => {
        await client.query('UPDATE counted SET n = n + 1 WHERE id = $1', [first]);
        await new Promise((resolve) => setTimeout(resolve, 50));
        await client.query('UPDATE counted SET n = n + 1 WHERE id = $1', [second]);
      });
    await Promise.all([add(1, 2), add(2, 1), add(1, 2), add(2, 1)]);
    expect((await pool.query('SELECT n FROM counted ORDER BY id')).rows).toEqual([{ n: 4 }, { n: 4 }]);
  }, 30_000);
});

describe('what the database says', () => {
  it.each([
    ['40001', 'too-busy'],
    ['40P01', 'too-busy'],
    ['57014', 'took-too-long'],
    ['57P01', 'away'],
    ['53300', 'away'],
    ['08006', 'away'],
    ['22021', 'bad-request'],
    ['23505', 'conflict'],
    ['ECONNREFUSED', 'away'],
  ])('%s is said as %s', (code, fault) => {
    expect(asFault(Object.assign(new Error('x'), { code })).code).toBe(fault);
  });

  it.each([
    'Client has encountered a connection error and is not queryable',
    'Connection terminated unexpectedly',
    'timeout exceeded when trying to connect',
    'Query read timeout',
  ])('"%s" means that it is away', (message) => {
    expect(asFault(new Error(message))).toMatchObject({ code: 'away', statusCode: 503 });
  });

  it('that is none of these is a mistake of ours', () => {
    expect(asFault(new Error('x is not a function'))).toMatchObject({ code: 'unexpected', statusCode: 500 });
  });
});

describe('orders that arrive at once', () => {
  it('are all counted, and none waits for another for ever', async () => {
    const { pool } = database;
    await pool.query(
      `INSERT INTO product (id, slug, title, title_key, on_sale_from) SELECT n, 'p' || n, 'P', 'p', now() FROM generate_series(1, 6) n`,
    );
    const place = (products: number[]) =>
      inTransaction(pool, async (client) => {
        const { rows } = await client.query<{ id: number }>(
          'INSERT INTO shop_order (placed_at) VALUES (now()) RETURNING id',
        );
        await client.query(
          `INSERT INTO order_line SELECT $1, ord, product, NULL, 1, 500 FROM unnest($2::int[]) WITH ORDINALITY o (product, ord)`,
          [rows[0]!.id, products],
        );
      });
    const all = [1, 2, 3, 4, 5, 6];
    await Promise.all(Array.from({ length: 24 }, (_, i) => place(i % 2 ? all : [...all].reverse())));
    const { rows } = await pool.query(
      `SELECT (SELECT sum(orders)::int FROM order_count) AS orders, (SELECT sum(units)::int FROM sold_daily) AS units,
        (SELECT min(orders) FROM product) AS least, (SELECT max(orders) FROM bought_together) AS together`,
    );
    expect(rows[0]).toEqual({ orders: 24, units: 144, least: 24, together: 24 });
  }, 30_000);
});
