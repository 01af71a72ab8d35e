import { readFile } from 'node:fs/promises';
import Fastify from 'fastify';
import fc from 'fast-check';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { AnyContract } from '../core/api/contract.ts';
import type { ImportState } from '../core/exchange/importState.ts';
import { contracts } from '../core/api/index.ts';
import { string } from '../core/schema/schema.ts';
import { typeFamily } from '../core/text/families/index.ts';
import { typeFile } from './fonts/typeFile.ts';
import { times } from '../core/specimen/times.ts';
import { insertAccount } from './accounts/accountRows.ts';
import { hashPassword } from './accounts/passwords.ts';
import { apiScope } from './api.ts';
import { OWNER } from './specimen/database.ts';
import { smallStore, type SmallStore } from './specimen/smallStore.ts';
import { signedIn, type SignedInClient } from './specimen/signedIn.ts';

const ARRANGER = { email: 'ash@specimen.example', password: 'slate and sand' };

/** Names that every object of the language answers to. */
const OF_ALL_OBJECTS = ['constructor', 'toString', 'hasOwnProperty', 'valueOf', '__proto__'];

let store: SmallStore;
let arranger: SignedInClient;

beforeAll(async () => {
  store = await smallStore();
  // Its products were given ids of their own.
  await store.database.pool.query(`SELECT setval(pg_get_serial_sequence('product', 'id'), 5000)`);
  await insertAccount(store.database.pool, {
    email: ARRANGER.email,
    name: 'Ash',
    role: 'arranger',
    passwordHash: await hashPassword(ARRANGER.password),
  });
  arranger = await signedIn(store.server, ARRANGER);
});
afterAll(() => store.stop());

const nobody = { category: null, collection: null, product: null, lookedAt: [] };
const question = { assortment: { of: 'products' }, fallbacks: [], without: [], seenBy: nobody };
/** A good question for each contract; a new one has to be added here, or a test below fails. */
const dot = (background = '#336699') =>
  sharp({ create: { width: 4, height: 4, channels: 3, background } })
    .png()
    .toBuffer();
const font = () => readFile(typeFile(typeFamily('oswald'), 'latin', 'upright'));
/** Id of a picture in the store. */
const stored = async () =>
  (await send('POST', '/api/pictures?name=Dot', await dot(), store.owner)).json<{ picture: { id: string } }>()
    .picture.id;
const send = (method: 'GET' | 'POST' | 'DELETE', url: string, file: Buffer, client: SignedInClient) =>
  client.ask(method, url, file, {
    headers: {
      cookie: client.cookie,
      'x-csrf-token': client.csrf,
      'content-type': 'application/octet-stream',
    },
  });
/** A file of products that was compared. */
const imported = async () => {
  await send('POST', '/api/import/file', Buffer.from('title,price\nDish,12\n'), store.owner);
  await store.server.parts.work.idle();
  return (await store.owner.ask('GET', '/api/import')).json<{ state: ImportState }>().state;
};
/** The file of a whole store, of which so much is here. */
const storeFile = async (state: 'arriving' | 'arrived') => {
  await store.database.pool.query('DELETE FROM store_import');
  const { rows } = await store.database.pool.query<{ id: number }>(
    `INSERT INTO store_import (file_name, bytes, sent_at, state) VALUES ('Store.zip', 13, now(), $1) RETURNING id`,
    [state],
  );
  return rows[0]!.id;
};
const good: Record<string, () => Promise<{ body?: unknown; query?: string; file?: Buffer }>> = {
  'GET /api/session': async () => ({}),
  'POST /api/session': async () => ({ body: OWNER }),
  'GET /api/draft': async () => ({}),
  'POST /api/draft': async () => ({
    body: { documents: [{ key: 'shelf:new', version: 0, body: { format: 5, id: 'new', name: 'New' } }] },
  }),
  'GET /api/live': async () => ({}),
  'POST /api/releases': async () => {
    const read = await store.owner.ask('GET', '/api/draft');
    const { documents } = read.json<{ documents: { key: string; version: number; body: object }[] }>();
    const { key, version, body } = documents.find((one) => one.key === 'page:home')!;
    await store.owner.ask('POST', '/api/draft', {
      documents: [{ key, version, body: { ...body, name: `Home ${version}` } }],
    });
    return { body: { draftVersion: documents.reduce((sum, one) => sum + one.version, 1) } };
  },
  'POST /api/items': async () => ({ body: { ...question, start: 0, count: 12 } }),
  'POST /api/assortments/counts': async () => ({
    body: { assortment: question.assortment, seenBy: nobody },
  }),
  'POST /api/hard-cases': async () => ({
    body: { assortment: question.assortment, seenBy: nobody, needs: ['rating', 'options'] },
  }),
  'POST /api/assortments/explain': async () => ({ body: { ...question, product: 1 } }),
  'GET /api/categories': async () => ({}),
  'GET /api/vocabulary': async () => ({}),
  'GET /api/products': async () => ({ query: 'words=piece' }),
  'POST /api/titles': async () => ({ body: { ids: [1, 2] } }),
  'GET /api/pictures': async () => ({ query: 'words=' }),
  'GET /api/pictures/counts': async () => ({}),
  'GET /api/pictures/matches': async () => ({}),
  'POST /api/pictures': async () => ({ query: 'name=Dot.png', file: await dot() }),
  'POST /api/pictures/file': async () => ({ query: `id=${await stored()}`, file: await dot('#ffffff') }),
  'POST /api/pictures/former': async () => ({ body: { id: await stored() } }),
  'POST /api/pictures/words': async () => ({
    body: { id: await stored(), name: 'Dot', alt: 'A dot', focal: { x: 0.5, y: 0.5 } },
  }),
  'GET /api/typefaces': async () => ({}),
  'POST /api/typefaces': async () => ({ file: await font() }),
  'POST /api/typefaces/removed': async () => {
    await send('POST', '/api/typefaces', await font(), store.owner);
    return { body: { id: 'own-oswald' } };
  },
  'GET /api/pictures/uses': async () => ({ query: `id=${await stored()}` }),
  'POST /api/pictures/removed': async () => ({ body: { ids: ['a'.repeat(64)] } }),
  'POST /api/pictures/cells': async () => ({ body: { files: ['a'.repeat(64)] } }),
  'POST /api/pictures/named': async () => ({ body: { ids: ['a'.repeat(64)] } }),
  'GET /api/specimen': async () => ({ query: 'id=3' }),
  'POST /api/goods/list': async () => ({
    body: { words: '', missing: null, within: null, sort: 'title', down: false, from: 0 },
  }),
  'GET /api/goods/counts': async () => ({}),
  'GET /api/goods/one': async () => ({ query: 'id=3' }),
  'POST /api/goods/new': async () => ({ body: { title: 'Dish', price: 1200 } }),
  'POST /api/goods/removed': async () => ({ body: { id: 9_999 } }),
  'POST /api/goods/option': async () => ({
    body: { product: 4, choice: { option: 'Glaze', value: 'Peat' } },
  }),
  'POST /api/goods/variant': async () => {
    await store.owner.ask('POST', '/api/goods/option', {
      product: 5,
      choice: { option: 'Size', value: 'Small' },
    });
    return { body: { product: 5, choice: [{ option: 'Size', value: 'Large' }] } };
  },
  'POST /api/goods/variant/removed': async () => ({ body: { product: 6, id: 9_999 } }),
  'POST /api/goods/many': async () => ({ body: { ids: [1, 2] } }),
  'POST /api/goods/edit': async () => ({
    body: {
      edits: [{ product: 3, of: 'product', part: null, fact: 'featured', was: false, is: false }],
    },
  }),
  'GET /api/export/example.csv': async () => ({}),
  'GET /api/journal': async () => ({}),
  'GET /api/journal/one': async () => ({ query: 'id=1' }),
  'POST /api/journal/new': async () => ({ body: { title: 'On the road' } }),
  'POST /api/journal/removed': async () => ({ body: { id: 9_999 } }),
  'POST /api/journal/edit': async () => ({
    body: { edits: [{ id: 1, fact: 'summary', was: 'In short', is: 'In a few words' }] },
  }),
  'GET /api/set-up': async () => ({}),
  'POST /api/samples': async () => ({}),
  'DELETE /api/samples': async () => ({}),
  'GET /api/groupings': async () => ({ query: 'of=category' }),
  'POST /api/groupings/new': async () => ({
    body: { of: 'collection', name: 'Warm', parent: null, type: null },
  }),
  'POST /api/groupings/removed': async () => ({ body: { of: 'brand', id: 9_999 } }),
  'POST /api/groupings/edit': async () => ({
    body: { edits: [{ of: 'category', id: 9_999, fact: 'name', was: 'Bowls', is: 'Dishes' }] },
  }),
  'GET /api/import': async () => ({}),
  'GET /api/import/refused.csv': async () => ({}),
  'GET /api/export/products.csv': async () => ({}),
  'GET /api/export/products.jsonl': async () => ({}),
  'GET /api/export/store.zip': async () => ({}),
  'GET /api/whole-store': async () => ({}),
  'POST /api/whole-store/begin': async () => ({ body: { name: 'Store.zip', bytes: 12 } }),
  'POST /api/whole-store/part': async () => ({
    query: `id=${await storeFile('arriving')}&part=0`,
    file: Buffer.from('no zip at all'),
  }),
  'POST /api/whole-store/write': async () => ({ body: { id: await storeFile('arrived') } }),
  'POST /api/whole-store/stop': async () => ({ body: { id: 9_999 } }),
  'POST /api/import/file': async () => ({ file: Buffer.from('title,price\nDish,12\n') }),
  'POST /api/import/settings': async () => {
    const { id, settings } = await imported();
    return { body: { id, settings } };
  },
  'POST /api/import/write': async () => ({ body: { id: (await imported()).id } }),
  'POST /api/import/undo': async () => {
    const { id } = await imported();
    await store.owner.ask('POST', '/api/import/write', { id });
    await store.server.parts.work.idle();
    return { body: { id } };
  },
  'POST /api/import/stop': async () => ({ body: { id: 9_999 } }),
  'POST /api/import/forget': async () => ({ body: { id: 9_999 } }),
  'GET /api/messages': async () => ({ query: 'before=' }),
  'POST /api/messages/read': async () => ({ body: { id: 1, read: true } }),
  'POST /api/messages/removed': async () => ({ body: { id: 1, removed: true } }),
  'GET /api/specimen/basket': async () => ({}),
  'GET /api/specimen/entry': async () => ({}),
  'DELETE /api/session': async () => ({}),
};

/** The first owner of a store is made once, before anybody can ask anything else; its own test is with accounts. */
const others = contracts.filter(({ path }) => path !== '/api/owner');
const nameOf = ({ method, path }: AnyContract) => `${method} ${path}`;
const named = others.map((one) => [nameOf(one), one] as const);
const closed = named.filter(([, { who }]) => who !== 'anybody');

async function askWell(contract: AnyContract, client: SignedInClient, more = '') {
  const { body, query, file } = await good[nameOf(contract)]!();
  const asked = [query, more].filter(Boolean).join('&');
  const url = asked ? `${contract.path}?${asked}` : contract.path;
  return file ? send(contract.method, url, file, client) : client.ask(contract.method, url, body);
}

describe('every contract', () => {
  it('is listed once and has a question here', () => {
    const all = contracts.map(nameOf);
    expect(new Set(all).size).toBe(all.length);
    expect(Object.keys(good).sort()).toEqual(named.map(([name]) => name).sort());
  });

  it.each(closed)(
    '%s is refused to whoever has not signed in, and kept by nobody',
    async (_, { method, path }) => {
      // A body that no schema takes: who asks is known before it is read.
      const answer = await store.server.app.inject({
        method,
        url: path,
        ...(method === 'POST' && { payload: '{' }),
      });
      expect(answer.statusCode).toBe(401);
      expect(answer.json()).toMatchObject({ code: 'sign-in-needed' });
      expect(answer.headers).toMatchObject({
        'cache-control': 'no-store',
        'x-content-type-options': 'nosniff',
      });
    },
  );

  it.each(closed.filter(([, { method }]) => method !== 'GET'))(
    '%s is refused where it does not come from the studio',
    async (_, { method, path }) => {
      for (const token of [undefined, 'x', `${store.owner.csrf}x`, 'ü'.repeat(store.owner.csrf.length)]) {
        const answer = await store.server.app.inject({
          method,
          url: path,
          headers: { cookie: store.owner.cookie, ...(token && { 'x-csrf-token': token }) },
        });
        expect(answer.statusCode).toBe(403);
        expect(answer.json()).toMatchObject({ code: 'csrf-missing' });
      }
    },
  );

  it('that is for those who may publish is refused to others who have signed in', async () => {
    const forPublishers = others.filter(({ who }) => who === 'publishers');
    expect(forPublishers.map(nameOf)).toEqual([
      'POST /api/releases',
      ...['begin', 'part', 'write', 'stop'].map((step) => `POST /api/whole-store/${step}`),
    ]);
    for (const one of forPublishers) {
      const answer = await askWell(one, arranger);
      expect(answer.statusCode).toBe(403);
      expect(answer.json()).toMatchObject({ code: 'publish-not-allowed' });
    }
  });

  // Signing out comes last.
  it.each([...named].sort(([, a], [, b]) => Number(a.method === 'DELETE') - Number(b.method === 'DELETE')))(
    '%s answers as it says, and is kept by nobody',
    async (_, contract) => {
      const answer = await askWell(
        contract,
        contract.method === 'DELETE' ? await signedIn(store.server) : store.owner,
      );
      expect(answer.statusCode, answer.body).toBe(200);
      expect(answer.headers).toMatchObject({
        'cache-control': 'no-store',
        'x-content-type-options': 'nosniff',
      });
      if (contract.gives)
        expect(answer.headers['content-disposition']).toMatch(
          /^attachment; filename="[a-z0-9-]+\.(csv|jsonl|zip)"$/,
        );
      else contract.answer.validateSync(answer.json(), { strict: true });
    },
  );

  it.each(named.filter(([, { query }]) => query))(
    '%s leaves what it does not know in the address unread, be it called as it may',
    async (_, contract) => {
      for (const name of OF_ALL_OBJECTS) {
        const answer = await askWell(contract, store.owner, `${name}=shop.from`);
        expect(answer.statusCode, `${name}: ${answer.body}`).toBe(200);
      }
    },
  );

  it.each(named.filter(([, { body }]) => body))(
    '%s refuses with a sentence whatever it does not take',
    async (_, contract) => {
      const { body } = (await good[nameOf(contract)]!()) as { body: Record<string, unknown> };
      const anything = fc.oneof(
        fc.jsonValue({ maxDepth: 3 }),
        fc.constantFrom<unknown>(null, [], {}, [null], '\u0000', -1, 1e300, 'x'.repeat(10_000)),
      );
      const changed = fc.oneof(
        anything,
        // One thing of a good question is missing, another, or too much.
        fc
          .tuple(fc.constantFrom(...Object.keys(body)), anything)
          .map(([key, value]) => ({ ...body, [key]: value })),
        fc.constantFrom(...Object.keys(body)).map((key) => {
          const { [key]: _gone, ...rest } = body;
          return rest;
        }),
        fc
          .tuple(fc.oneof(fc.string({ minLength: 1 }), fc.constantFrom(...OF_ALL_OBJECTS)), anything)
          .map(([key, value]) => ({ ...body, [key]: value })),
      );
      await fc.assert(
        fc.asyncProperty(changed, async (sent) => {
          const answer = await store.owner.ask(contract.method, contract.path, JSON.stringify(sent), {
            headers: {
              cookie: store.owner.cookie,
              'x-csrf-token': store.owner.csrf,
              'content-type': 'application/json',
            },
          });
          expect(answer.statusCode, answer.body).toBeLessThan(500);
          if (answer.statusCode >= 400) {
            const { code, message } = answer.json<{ code: string; message: string }>();
            expect(code).toMatch(/^[a-z-]+$/);
            expect(message).toMatch(/\.$/);
          }
        }),
        { numRuns: times(60) },
      );
    },
  );
});

describe('what is below /api/', () => {
  it('is nothing without a contract: unknown addresses lead nowhere, and are kept by nobody', async () => {
    for (const [method, url] of [
      ['GET', '/api/nothing'],
      ['POST', '/api/draft/more'],
      ['DELETE', '/api/draft'],
      ['GET', '/api/'],
    ] as const) {
      const answer = await store.owner.ask(method, url);
      expect(answer.statusCode, url).toBe(404);
      expect(answer.json()).toMatchObject({ code: 'not-found' });
      expect(answer.headers).toMatchObject({
        'cache-control': 'no-store',
        'x-content-type-options': 'nosniff',
      });
    }
  });

  it('does not start with a route that has no contract, or one that says another than it does', async () => {
    const start = (routes: Parameters<typeof apiScope>[2], bare = false) => {
      const app = Fastify();
      return app
        .register(
          async (scope) => {
            await apiScope(scope, store.server.parts, routes);
            if (bare) scope.get('/bare', async () => ({}));
          },
          { prefix: '/api' },
        )
        .ready();
    };
    const open = { ...contracts[0]!, who: 'anybody', answer: string() } as AnyContract;
    const shut = { ...open, who: 'signedIn' } as AnyContract;
    await expect(start((api) => api.answerAnybody(open, async () => ''))).resolves.toBeTruthy();
    await expect(start((api) => api.answer(shut, async () => ''))).resolves.toBeTruthy();
    await expect(start((api) => api.answer(open, async () => ''))).rejects.toThrow('Anybody may ask');
    await expect(start((api) => api.answerAnybody(shut, async () => ''))).rejects.toThrow('Not anybody');
    await expect(start(() => undefined, true)).rejects.toThrow('has no contract');
  });
});

describe('what a browser may take an answer for', () => {
  it('is said on every answer, whatever it is of', async () => {
    const page = await store.server.app.inject({ url: '/' });
    const script = /src="(\/[^"]+\.js)"/.exec(page.body)?.[1];
    const font = /url\(["']?(\/[^)"']+\.woff2)/.exec(page.body)?.[1];
    for (const url of [
      '/',
      '/nothing',
      '/%',
      '/health',
      '/api/session',
      '/api/draft',
      '/studio/frame',
      '/studio',
      '/pictures/x/400.webp',
      '/fragment',
      ...(script ? [script] : []),
      ...(font ? [font] : []),
    ]) {
      const answer = await store.server.app.inject({ url });
      expect(answer.headers['x-content-type-options'], `${url} ${answer.statusCode}`).toBe('nosniff');
    }
  });
});

describe('titles and pictures by their ids', () => {
  it('are read however many are asked for', async () => {
    const ids = Array.from({ length: 2_000 }, (_, i) => i + 1);
    const { products } = (await store.owner.ask('POST', '/api/titles', { ids })).json<{
      products: object[];
    }>();
    expect(products).toHaveLength(40);
  });
});
