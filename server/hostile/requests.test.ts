import { connect } from 'node:net';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { contracts } from '../../core/api/index.ts';
import { times } from '../../core/specimen/times.ts';
import { listen } from '../start/listen.ts';
import { signedIn, type SignedInClient } from '../specimen/signedIn.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let port: number;

beforeAll(async () => {
  store = await smallStore();
  port = Number(new URL(await listen(store.server, '127.0.0.1', 0)).port);
});
afterAll(() => store.stop());

const PATHS = [
  '/',
  '/shop',
  '/category/some',
  '/product/piece-3',
  '/journal/first',
  '/page/none',
  '/basket',
  '/checkout',
  '/order/none',
  '/ask/piece-3',
  '/fragment',
  '/robots.txt',
  '/health',
  '/studio',
  '/studio/frame',
  '/studio/assets/none.js',
  '/assets/none.js',
  `/pictures/${'a'.repeat(64)}/320.webp`,
  ...contracts.map(({ path }) => path),
];

const SPOILT = [
  '%00',
  '%',
  '%ff',
  '../',
  '..%2f',
  '//',
  ';',
  '?',
  '#',
  '%F0%28',
  '[',
  '{}',
  "'",
  '"',
  '\\',
  '%0d%0a',
  'ü',
];

const word = fc.oneof(
  fc.constantFrom(...SPOILT),
  fc.string({ maxLength: 12 }),
  fc.constantFrom('shop.from', 'variant', '__proto__', 'constructor', 'path', 'bay', 'looked', 'words', 'id'),
  fc.constantFrom('0', '-1', '1e9', '9'.repeat(40), 'x'.repeat(3_000), 'NaN', 'null'),
);
const query = fc
  .array(fc.tuple(word, word), { maxLength: 5 })
  .map((pairs) => (pairs.length ? `?${pairs.map(([name, value]) => `${name}=${value}`).join('&')}` : ''));
/** What may stand in a request line and in a header. */
const printable = (text: string) =>
  text.replaceAll(/[^\x21-\x7e]/g, (c) => encodeURIComponent(/[\ud800-\udfff]/.test(c) ? 'x' : c));
const url = fc
  .tuple(fc.constantFrom(...PATHS), fc.array(word, { maxLength: 2 }), query)
  .map(([path, more, asked]) =>
    printable(`${path}${more.map((one) => `/${one}`).join('')}${asked}`).slice(0, 8_000),
  );

const header = fc.constantFrom<[string, string]>(
  ['accept-encoding', 'br;q=2, gzip;q=x, *;q=0'],
  ['if-none-match', '"'],
  ['if-none-match', 'W/"a", "b", *'],
  ['host', 'evil.example'],
  ['x-forwarded-host', 'evil.example'],
  ['x-forwarded-for', '1.2.3.4, "\'<'],
  ['cookie', 'wide_shelf_session=%00'],
  ['cookie', '=;=;a=%ff;wide_shelf_session'],
  ['content-type', 'application/json; charset=utf-16'],
  ['content-type', 'multipart/form-data'],
  ['range', 'bytes=0-,5-1'],
  ['origin', 'null'],
  ['accept', 'application/xml;q=9'],
  ['expect', 'something'],
  ['content-length', '5'],
);

const method = fc.constantFrom('GET', 'HEAD', 'POST', 'DELETE', 'PUT', 'PATCH', 'OPTIONS');
const body = fc.oneof(
  fc.constant(undefined),
  fc.json({ maxDepth: 4 }),
  fc.constantFrom(
    '{',
    '[[[',
    'null',
    '""',
    '{"__proto__":1}',
    '{"documents":[null]}',
    `${'['.repeat(5_000)}${']'.repeat(5_000)}`,
  ),
);

/** Sends bytes as they are, and gives what comes back until the other side ends, or has said enough. */
function raw(bytes: string): Promise<string> {
  return new Promise((resolve) => {
    const socket = connect(port, '127.0.0.1');
    let said = '';
    const done = () => {
      clearTimeout(patience);
      socket.destroy();
      resolve(said);
    };
    const patience = setTimeout(done, 300);
    socket.on('data', (chunk: Buffer) => (said += chunk.toString('latin1')));
    socket.on('close', done);
    socket.on('error', done);
    socket.write(bytes, 'latin1');
  });
}

describe('whatever is asked', () => {
  it('is answered with a page or a sentence, and never as a mistake of ours', async () => {
    const evil: string[] = [];
    await fc.assert(
      fc.asyncProperty(
        url,
        method,
        fc.array(header, { maxLength: 3 }),
        body,
        fc.boolean(),
        async (to, how, headers, sent, known) => {
          const answer = await store.server.app.inject({
            method: how as 'GET',
            url: to,
            headers: {
              ...(sent !== undefined && { 'content-type': 'application/json' }),
              ...(known && { cookie: store.owner.cookie, 'x-csrf-token': store.owner.csrf }),
              ...Object.fromEntries(headers),
            },
            ...(sent !== undefined && how !== 'GET' && how !== 'HEAD' && { payload: sent }),
          });
          expect(answer.statusCode, answer.body.slice(0, 300)).toBeLessThan(500);
          expect(answer.headers['x-content-type-options']).toBe('nosniff');
          // A person who asks for a page is never shown what is for programs.
          const page = ['GET'].includes(how) && !/^\/(api|fragment)|\.(txt|webp)/.test(to);
          if (page && answer.statusCode >= 400)
            expect(String(answer.headers['content-type']), to).not.toContain('json');
          if (answer.body.includes('evil.example') && !to.includes('evil')) evil.push(to);
        },
      ),
      { numRuns: times(500) },
    );
    expect(evil).toEqual([]);
    // It is as well as before.
    expect((await store.get('/shop')).statusCode).toBe(200);
  });

  it('is answered or cut off though it is no HTTP', async () => {
    const line = fc.constantFrom(
      'GET / HTTP/1.1\r\n\r\n',
      'GET / HTTP/9.9\r\nHost: a\r\n\r\n',
      'GET /\x00 HTTP/1.1\r\nHost: a\r\n\r\n',
      'G E T / HTTP/1.1\r\nHost: a\r\n\r\n',
      'GET / HTTP/1.1\r\nHost: a\r\nHost: b\r\n\r\n',
      'POST /api/session HTTP/1.1\r\nHost: a\r\nContent-Length: -1\r\n\r\n',
      'POST /api/session HTTP/1.1\r\nHost: a\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n',
      'POST /api/session HTTP/1.1\r\nHost: a\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n',
      `GET /${'a'.repeat(40_000)} HTTP/1.1\r\nHost: a\r\n\r\n`,
      `GET / HTTP/1.1\r\nHost: a\r\nX: ${'b'.repeat(40_000)}\r\n\r\n`,
      '\x16\x03\x01\x02\x00\x01\x00\x01\xfc\x03\x03',
      'PRI * HTTP/2.0\r\n\r\nSM\r\n\r\n',
      'CONNECT a:1 HTTP/1.1\r\nHost: a\r\n\r\n',
      'GET http://evil.example/ HTTP/1.1\r\nHost: a\r\n\r\n',
    );
    await fc.assert(
      fc.asyncProperty(line, async (bytes) => {
        const answer = await raw(bytes);
        expect(answer).not.toMatch(/^HTTP\/1\.1 5/);
        expect(answer).not.toContain('at ');
      }),
      { numRuns: times(20) },
    );
    expect((await store.get('/shop')).statusCode).toBe(200);
  });
});

describe('one sender who sends too much, or too slowly', () => {
  // Somebody may have signed the other out by now.
  let sender: SignedInClient;
  beforeAll(async () => {
    sender = await signedIn(store.server);
  });
  const post = (payload: string, url = '/api/draft') => {
    const { cookie, csrf } = sender;
    return store.server.app.inject({
      method: 'POST',
      url,
      payload,
      headers: { cookie, 'x-csrf-token': csrf, 'content-type': 'application/json' },
    });
  };
  const keys = (n: number) => `{${Array.from({ length: n }, (_, i) => `"k${i}":1`).join(',')}}`;

  it('is refused before anything of it is checked', async () => {
    for (const payload of [
      keys(150_000),
      `{"documents":[{"key":"shelf:a","version":0,"body":${keys(150_000)}}]}`,
      `{"documents":${'['.repeat(200_000)}${']'.repeat(200_000)}}`,
      `{"documents":${JSON.stringify(Array(160_000).fill(1))}}`,
      `{"documents":[${Array(120)
        .fill(`{"key":"a","version":0,"body":${keys(1_500)}}`)
        .join(',')}]}`,
    ]) {
      const answer = await post(payload);
      expect(answer.statusCode).toBe(413);
      expect(answer.json<{ message: string }>().message).toMatch(/^What was sent .*smaller parts\.$/);
    }
    expect((await post('x'.repeat(5 * 1024 * 1024))).statusCode).toBe(413);
  });

  it('does not hold up others meanwhile', async () => {
    let asking = true;
    const sending = Promise.all(Array.from({ length: 4 }, () => post(keys(150_000)))).then(
      () => (asking = false),
    );
    const waits: number[] = [];
    while (asking) {
      const before = performance.now();
      await store.get('/health');
      waits.push(performance.now() - before);
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    await sending;
    // It was 30 s for the first who asked; this is no measure of speed but of work that is not begun.
    expect(Math.max(...waits)).toBeLessThan(5_000);
  });

  it('may send little where nobody has signed in', async () => {
    const answer = await post(`{"email":"${'a'.repeat(20_000)}","password":"b"}`, '/api/session');
    expect(answer.statusCode).toBe(413);
  });

  it('is given so much time and no more', () => {
    const { server } = store.server.app;
    expect(server.headersTimeout).toBeLessThanOrEqual(15_000);
    expect(server.requestTimeout).toBeLessThanOrEqual(60_000);
    expect(server.requestTimeout).toBeGreaterThan(0);
  });
});
