import fc from 'fast-check';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { times } from '../../core/specimen/times.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore(12);
});
afterAll(() => store.stop());

const TOKEN = '0d2f4c3e-1111-4222-8333-444455556666';

const odd = fc.oneof(
  fc.constantFrom('', '0', '-1', '1', '2', '99', '100', '1e3', '0x10', ' 3 ', '2147483648', '9'.repeat(30)),
  fc.constantFrom(
    'add',
    'set',
    'remove',
    'on',
    'null',
    '[]',
    '{}',
    TOKEN,
    'ash@place.example',
    'a@b\r\nbcc: c@d.example',
  ),
  fc.constantFrom(
    '<script>alert(1)</script>',
    '</style>',
    "'; DROP TABLE message; --",
    '\u0000',
    '\u202Eabc',
    'x'.repeat(9_000),
  ),
  fc.string({ unit: 'binary', maxLength: 20 }),
);
const name = fc.constantFrom(
  'variant',
  'quantity',
  'do',
  'token',
  'total',
  'name',
  'email',
  'note',
  'message',
  'website',
  '__proto__',
  'constructor',
  'variant[]',
);
const pairs = fc.array(fc.tuple(name, odd), { maxLength: 8 });
const cookie = fc.oneof(
  fc.constant(''),
  fc
    .array(
      fc.constantFrom('1.1.1001', '2.3.1', '3.99.1003', '4.0.1', '500.1.1', '.', 'a.b.c', '1.1.1001.1'),
      {
        maxLength: 90,
      },
    )
    .map((lines) => lines.join('-')),
  fc.string({ maxLength: 40 }).map((text) => encodeURIComponent(text.replaceAll(/[\ud800-\udfff]/gu, ''))),
);

it('whatever is sent by a form is taken whole or refused with a page, and nothing is sold that is not there', async () => {
  const { pool } = store.database;
  await pool.query('UPDATE variant SET stock = 40 WHERE id <= 4');
  const counted = async () =>
    (
      await pool.query<{ orders: number; least: number; sold: number; left: number }>(
        `SELECT (SELECT count(*) FROM shop_order WHERE token IS NOT NULL)::int AS orders, (SELECT min(stock) FROM variant) AS least,
           (SELECT coalesce(sum(quantity), 0) FROM order_line l JOIN shop_order o ON o.id = l.order_id
             WHERE o.token IS NOT NULL AND variant_id <= 4)::int AS sold,
           (SELECT sum(stock) FROM variant WHERE id <= 4)::int AS left`,
      )
    ).rows[0]!;
  const all = (await counted()).left;
  let from = 0;
  await fc.assert(
    fc.asyncProperty(
      fc.constantFrom('/basket', '/checkout', '/saved', '/ask/piece-3', '/ask/none'),
      pairs,
      cookie,
      fc.boolean(),
      fc.boolean(),
      async (url, sent, basket, whole, asScript) => {
        const before = await counted();
        // What a page would send, with anything in it instead.
        const fields = whole
          ? [
              ['variant', '2'],
              ['product', '3'],
              ['name', 'Ash'],
              ['email', 'ash@place.example'],
              ['message', 'Hello'],
              ['total', '1001'],
              ['token', TOKEN.replace(/^.{4}/, String(1000 + (from % 9000)))],
              ...sent,
            ]
          : sent;
        from += 1;
        const answer = await store.server.app.inject({
          method: 'POST',
          url,
          // Another shopper each time, so that none is sent away for being too busy.
          remoteAddress: `10.${from >> 16}.${(from >> 8) & 255}.${from & 255}`,
          headers: {
            origin: store.server.parts.origin,
            'content-type': 'application/x-www-form-urlencoded',
            ...(basket && { cookie: `basket=${basket}; saved=${basket}` }),
            ...(asScript && { accept: 'application/json' }),
          },
          payload: new URLSearchParams(fields).toString(),
        });
        expect(answer.statusCode, answer.body.slice(0, 300)).toBeLessThan(500);
        const type = String(answer.headers['content-type'] ?? '');
        if (answer.statusCode >= 400 && !asScript) {
          expect(type).toContain('text/html');
          expect(answer.body).not.toContain('<script>alert');
        }
        for (const { value } of answer.cookies.filter((one) => one.name === 'basket'))
          expect(value).toMatch(/^(\d+\.\d+\.\d+(-\d+\.\d+\.\d+)*)?$/);
        const after = await counted();
        expect(after.least ?? 0).toBeGreaterThanOrEqual(0);
        expect(after.sold + after.left).toBe(all);
        // An order was placed only where the shopper is told so.
        if (after.orders > before.orders) expect(answer.headers.location).toMatch(/^\/order\//);
      },
    ),
    { numRuns: times(300) },
  );
  expect((await store.get('/basket')).statusCode).toBe(200);
});
