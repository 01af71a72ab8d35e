import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FORMAT } from '../core/plan/formats/format.ts';
import { changesBetween } from '../core/change/changesBetween.ts';
import { apply } from '../core/plan/commands.ts';
import { documentKeys, documentOf } from '../core/plan/documents.ts';
import { writtenDocument } from '../core/plan/reading.ts';
import { completePlan, type StoredPlan } from '../core/plan/storedPlan.ts';
import { same } from '../core/settings/same.ts';
import { specimenNames } from '../core/specimen/specimen.ts';
import { planFromRows } from './drafts/draftRows.ts';
import { renderAll } from './publish/renderAll.ts';
import { makeServer, type Server } from './app.ts';
import { fillSmallStore, OWNER, testDatabase, type TestDatabase } from './specimen/database.ts';
import { signedIn, type SignedInClient } from './specimen/signedIn.ts';
import type { DraftRow } from './drafts/draftRows.ts';

const NOW = Date.UTC(2026, 10, 24, 12);
let database: TestDatabase;
let server: Server;
let owner: SignedInClient;
let folder: string;

beforeAll(async () => {
  database = await testDatabase();
  await fillSmallStore(database.pool, NOW);
  folder = await mkdtemp(join(tmpdir(), 'pictures-'));
  server = await makeServer({
    databaseUrl: database.url,
    picturesFolder: folder,
    clock: () => NOW,
    signInTries: 100,
  });
  owner = await signedIn(server);
});

afterAll(async () => {
  await server.stop();
  await database.drop();
  await rm(folder, { recursive: true, force: true });
});

const get = (url: string, headers: Record<string, string> = {}) => server.app.inject({ url, headers });
const draft = async (): Promise<DraftRow[]> =>
  (await owner.ask('GET', '/api/draft')).json<{ documents: DraftRow[] }>().documents;
const document = async (key: string) => {
  const row = (await draft()).find((one) => one.key === key)!;
  return { ...row, body: row.body as object };
};

describe('accounts', () => {
  it('say no without telling which of the two was wrong', async () => {
    for (const payload of [
      { ...OWNER, password: 'not it' },
      { email: 'nobody@specimen.example', password: 'not it' },
    ]) {
      const answer = await server.app.inject({ method: 'POST', url: '/api/session', payload });
      expect(answer.statusCode).toBe(401);
      expect(answer.json()).toMatchObject({ code: 'sign-in-wrong' });
    }
  });

  it('keep the session in a cookie that no script reads, and only its hash in the database', async () => {
    const answer = await server.app.inject({ method: 'POST', url: '/api/session', payload: OWNER });
    expect(String(answer.headers['set-cookie'])).toMatch(/HttpOnly.*SameSite=Lax|SameSite=Lax.*HttpOnly/i);
    const token = String(answer.headers['set-cookie']).split(';')[0]!.split('=')[1]!;
    const { rows } = await database.pool.query('SELECT FROM session WHERE token_hash = $1', [token]);
    expect(rows).toHaveLength(0);
  });

  it('let nobody in without a session, and nobody change anything without the token of the studio', async () => {
    expect((await get('/api/draft')).json()).toMatchObject({ code: 'sign-in-needed' });
    const forged = await server.app.inject({
      method: 'POST',
      url: '/api/draft',
      payload: { documents: [] },
      headers: { cookie: owner.cookie },
    });
    expect(forged.statusCode).toBe(403);
    expect(forged.json()).toMatchObject({ code: 'csrf-missing' });
  });

  it('end with signing out', async () => {
    const other = await signedIn(server);
    expect((await other.ask('GET', '/api/draft')).statusCode).toBe(200);
    await other.ask('DELETE', '/api/session');
    expect((await other.ask('GET', '/api/draft')).statusCode).toBe(401);
  });

  it('limit how often a password is tried', async () => {
    const strict = await makeServer({ databaseUrl: database.url, picturesFolder: folder, signInTries: 3 });
    const tries = [];
    for (let i = 0; i < 5; i += 1)
      tries.push(
        (
          await strict.app.inject({
            method: 'POST',
            url: '/api/session',
            payload: { ...OWNER, password: 'no' },
          })
        ).statusCode,
      );
    await strict.stop();
    expect(tries).toEqual([401, 401, 401, 429, 429]);
  });

  it('make the first owner of a store only with the code, and only once', async () => {
    const fresh = await testDatabase();
    const empty = await makeServer({ databaseUrl: fresh.url, picturesFolder: folder, ownerCode: 'the-code' });
    const make = (code: string, password = 'long enough it is') =>
      empty.app.inject({
        method: 'POST',
        url: '/api/owner',
        payload: { email: 'a@b.example', name: 'A', password, code },
      });
    expect((await make('wrong')).json()).toMatchObject({ code: 'code-wrong' });
    expect((await make('the-code', 'short')).json()).toMatchObject({ code: 'password-short' });
    expect((await make('the-code')).statusCode).toBe(200);
    expect((await make('the-code')).json()).toMatchObject({ code: 'owner-exists' });
    await empty.stop();
    await fresh.drop();
  });
});

describe('the draft', () => {
  it('is saved document by document, with a version for each', async () => {
    const { body, version } = await document('shelf:home');
    const saved = await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:home', version, body: { ...body, name: 'Renamed' } }],
    });
    expect(saved.json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await document('shelf:home')).body).toMatchObject({ name: 'Renamed' });
  });

  it('refuses a stale save whole, and gives back what is there', async () => {
    const [home, shop] = [await document('shelf:home'), await document('shelf:shop')];
    const answer = await owner.ask('POST', '/api/draft', {
      documents: [
        { key: 'shelf:shop', version: shop.version, body: { ...shop.body, name: 'Changed' } },
        { key: 'shelf:home', version: home.version - 1, body: { ...home.body, name: 'Too late' } },
      ],
    });
    expect(answer.statusCode).toBe(412);
    expect(answer.json()).toMatchObject({
      code: 'draft-stale',
      details: { theirs: [{ key: 'shelf:home', version: home.version }] },
    });
    expect(await document('shelf:shop')).toEqual(shop);
  });

  it('lets only one of two savers through, however they overlap', async () => {
    const { body, version } = await document('shelf:home');
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) =>
        owner.ask('POST', '/api/draft', {
          documents: [{ key: 'shelf:home', version, body: { ...body, name: `Racer ${i}` } }],
        }),
      ),
    );
    expect(answers.map((answer) => answer.statusCode).sort()).toEqual([200, 412, 412, 412, 412, 412]);
  });

  it('is refused as a whole, with a sentence that names the shelf and the setting', async () => {
    const { body, version } = await document('shelf:home');
    const faulty: [string, unknown][] = [
      ['Number of columns: This is too small', { ...body, columns: { count: { phone: 0 } } }],
      ['Layout: This can be one of', { ...body, layout: { phone: 'heap' } }],
      ['Items: This is too large', { ...body, amount: { items: { phone: 1e9 } } }],
      [
        'Which products: There is no clause "spell"',
        { ...body, assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'spell' }] } } },
      ],
      ['There is no setting "shown"', { ...body, card: { shown: { title: { phone: true } } } }],
      ['There is no setting "</style>"', { ...body, card: { parts: { '</style>': { shown: true } } } }],
      ['is named "another"', { ...body, id: 'another' }],
    ];
    for (const [sentence, broken] of faulty) {
      const answer = await owner.ask('POST', '/api/draft', {
        documents: [{ key: 'shelf:home', version, body: broken }],
      });
      expect(answer.statusCode, sentence).toBe(422);
      expect(answer.json<{ message: string }>().message).toMatch(/^Shelf "/);
      expect(answer.json<{ message: string }>().message).toContain(sentence);
    }
    expect(await document('shelf:home')).toMatchObject({ version });
  });

  it('saves what is merely wrong, and draws it safely: a bay whose shelf is gone', async () => {
    const shelf = await document('shelf:category');
    const answer = await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:category', version: shelf.version, body: null }],
    });
    expect(answer.statusCode).toBe(200);
    const back = await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:category', version: shelf.version + 1, body: shelf.body }],
    });
    expect(back.statusCode).toBe(200);
  });

  it('takes the same save again where its answer was lost, and no other in its place', async () => {
    const { body, version } = await document('shelf:home');
    const save = (name: string) =>
      owner.ask('POST', '/api/draft', {
        documents: [{ key: 'shelf:home', version, body: { ...body, name } }],
      });
    expect((await save('Once')).json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await save('Once')).json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await save('Other')).json()).toMatchObject({ code: 'draft-stale' });
    expect(await document('shelf:home')).toMatchObject({ version: version + 1, body: { name: 'Once' } });
  });

  it('takes documents of an older version, as a window left open over an upgrade sends them', async () => {
    const { version } = await document('shelf:home');
    const store = JSON.parse(
      await readFile(new URL('../core/plan/formats/stores/format-2.json', import.meta.url), 'utf8'),
    ) as { shelves: Record<string, object> };
    const old = { ...Object.values(store.shelves)[0], id: 'home' };
    const answer = await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:home', version, body: old }],
    });
    expect(answer.json()).toMatchObject({ format: FORMAT, versions: { 'shelf:home': version + 1 } });
    const saved = (await document('shelf:home')).body;
    expect(saved).toMatchObject({ format: FORMAT, amount: { by: 'items', items: { phone: 10 } } });
    const newer = await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:home', version: version + 1, body: { ...saved, format: FORMAT + 1 } }],
    });
    expect(newer.statusCode).toBe(422);
    expect(newer.json<{ message: string }>().message).toContain('newer version');
  });

  it('answers every malformed request with a sentence and never with 5xx', async () => {
    const bodies: unknown[] = [
      null,
      [],
      'text',
      12,
      {},
      { documents: {} },
      { documents: [{}] },
      { documents: [{ key: 'page:../etc', version: 0, body: {} }] },
      { documents: [{ key: 'house', version: 1, body: null }] },
    ];
    for (const body of bodies)
      for (const url of [
        '/api/draft',
        '/api/items',
        '/api/assortments/counts',
        '/api/assortments/explain',
        '/api/releases',
        '/api/session',
        '/api/owner',
      ]) {
        const answer = await server.app.inject({
          method: 'POST',
          url,
          payload: JSON.stringify(body),
          headers: { 'content-type': 'application/json', cookie: owner.cookie, 'x-csrf-token': owner.csrf },
        });
        expect(answer.statusCode, `${url} ${JSON.stringify(body)}`).toBeGreaterThanOrEqual(400);
        expect(answer.statusCode, `${url} ${JSON.stringify(body)}`).toBeLessThan(500);
        expect(answer.json<{ message: string }>().message.length).toBeGreaterThan(10);
      }
    const broken = await server.app.inject({
      method: 'POST',
      url: '/api/draft',
      payload: '{"documents":',
      headers: { 'content-type': 'application/json', cookie: owner.cookie, 'x-csrf-token': owner.csrf },
    });
    expect(broken.json()).toMatchObject({ code: 'body-unreadable' });
  });
});

describe('publishing', () => {
  it('makes the draft live in one step, with the sentences of what changed', async () => {
    const rows = await draft();
    const shelf = rows.find((row) => row.key === 'shelf:home')!;
    const body = { ...(shelf.body as object), columns: { count: { phone: 5 } } };
    await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'shelf:home', version: shelf.version, body }],
    });
    expect((await get('/')).body).not.toContain('repeat(5,minmax(0,1fr))');
    const draftVersion = (await draft()).reduce((sum, row) => sum + row.version, 0);
    expect(
      (await owner.ask('POST', '/api/releases', { draftVersion: draftVersion - 1 })).json(),
    ).toMatchObject({ code: 'draft-stale' });
    const published = await owner.ask('POST', '/api/releases', { draftVersion });
    expect(published.json<{ changes: string[] }>().changes.join('\n')).toContain(
      'number of columns now 5, was 2',
    );
    // Whoever looks next sees it, without a wait.
    expect((await get('/')).body).toContain('repeat(5,minmax(0,1fr))');
    expect((await owner.ask('POST', '/api/releases', { draftVersion })).json()).toMatchObject({
      code: 'nothing-to-publish',
    });
  });

  it('draws every page first, and publishes nothing where one fails', async () => {
    const plan = completePlan(planFromRows(await draft()));
    const failing = {
      ...server.parts,
      storefront: {
        ...server.parts.storefront,
        view: (...args: Parameters<typeof server.parts.storefront.view>) =>
          args[1].kind.id === 'category'
            ? Promise.reject(new TypeError('cannot be drawn'))
            : server.parts.storefront.view(...args),
      },
    };
    await expect(renderAll(plan, server.parts)).resolves.toBeUndefined();
    await expect(renderAll(plan, failing)).rejects.toMatchObject({
      code: 'page-not-drawn',
      message: expect.stringContaining('The page "Everything" could not be drawn') as string,
    });
  });

  it('takes nothing live while a document cannot be read, which would be gone for shoppers', async () => {
    const key = 'page:shop';
    const { body } = await document(key);
    const before = (await get('/shop')).statusCode;
    await database.pool.query(
      `UPDATE draft_document SET body = jsonb_set(body, '{bays}', '7') WHERE key = $1`,
      [key],
    );
    const home = await document('page:home');
    await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'page:home', version: home.version, body: { ...home.body, name: 'Front' } }],
    });
    const draftVersion = (await draft()).reduce((sum, row) => sum + row.version, 0);
    const answer = await owner.ask('POST', '/api/releases', { draftVersion });
    expect(answer.statusCode).toBe(422);
    expect(answer.json()).toMatchObject({ code: 'document-unreadable', details: { key } });
    expect(answer.json<{ message: string }>().message).toMatch(/^Page "Everything": .*Nothing was published/);
    expect([before, (await get('/shop')).statusCode]).toEqual([200, 200]);
    await database.pool.query('UPDATE draft_document SET body = $2 WHERE key = $1', [key, body]);
    const now = await document('page:home');
    await owner.ask('POST', '/api/draft', {
      documents: [{ key: 'page:home', version: now.version, body: home.body }],
    });
  });

  it('never changes a release afterwards', async () => {
    await expect(database.pool.query(`UPDATE release SET plan = '{}'`)).rejects.toThrow(/never changed/);
  });

  it.each([
    [
      'the colours of the house',
      { on: { house: true }, setting: 'colours.accent', value: '#0f6b3a' },
      'House style: accent colour now #0f6b3a',
      '#0f6b3a',
    ],
    [
      'the settings of a page',
      { on: { page: 'home' }, setting: 'direction', value: 'rtl' },
      'Home: reading direction now',
      'dir="rtl"',
    ],
  ] as const)('takes %s alone live, and back by its revert', async (_, change, sentence, seen) => {
    const stored = async () => planFromRows(await draft());
    const put = async (plan: StoredPlan) => {
      const rows = await draft();
      const documents = documentKeys(plan)
        .map((key) => ({
          key,
          version: rows.find((row) => row.key === key)!.version,
          body: documentOf(plan, key)!,
        }))
        .filter(({ key, body }) => !same(writtenDocument(body), rows.find((row) => row.key === key)!.body))
        .map((one) => ({ ...one, body: writtenDocument(one.body) }));
      expect(documents).toHaveLength(1);
      expect((await owner.ask('POST', '/api/draft', { documents })).statusCode).toBe(200);
    };
    const publish = async () => {
      const draftVersion = (await draft()).reduce((sum, row) => sum + row.version, 0);
      const answer = await owner.ask('POST', '/api/releases', { draftVersion });
      expect(answer.statusCode, answer.body).toBe(200);
      return answer.json<{ changes: string[] }>().changes;
    };
    const before = await stored();
    expect((await get('/')).body).not.toContain(seen);
    await put(apply(before, { do: 'set', ...change }));
    const changes = await publish();
    expect(changes).toHaveLength(1);
    expect(changes[0]!.toLowerCase()).toContain(sentence.toLowerCase());
    expect((await get('/')).body).toContain(seen);

    const after = await stored();
    const [only, ...others] = changesBetween(before, after, specimenNames);
    expect(others).toEqual([]);
    await put(apply(after, only!.takeBack));
    expect(await stored()).toEqual(before);
    expect(await publish()).toHaveLength(1);
    expect((await get('/')).body).not.toContain(seen);
  });

  it('is not for accounts that may only arrange', async () => {
    await database.pool.query(
      `INSERT INTO account (email, name, password_hash, role, may_publish) SELECT 'arranger@specimen.example', 'B', password_hash, 'arranger', false FROM account WHERE email = $1`,
      [OWNER.email],
    );
    const arranger = await signedIn(server, { ...OWNER, email: 'arranger@specimen.example' });
    expect((await arranger.ask('POST', '/api/releases', { draftVersion: 1 })).json()).toMatchObject({
      code: 'publish-not-allowed',
    });
  });
});

describe('public pages', () => {
  it('are sent with an ETag, and not again to whom has them', async () => {
    const first = await get('/shop');
    const again = await get('/shop', { 'if-none-match': String(first.headers.etag) });
    expect(first.statusCode).toBe(200);
    expect(again.statusCode).toBe(304);
    expect(again.body).toBe('');
  });

  it('show a price at once where the catalogue changed, though nothing was published', async () => {
    expect((await get('/product/piece-3')).body).toContain('£10.03');
    await database.pool.query('UPDATE variant SET price = 7700 WHERE product_id = 3');
    await expect.poll(async () => (await get('/product/piece-3')).body).toContain('£77');
  });

  it('stay harmless whatever the address asks for', async () => {
    for (const query of [
      'shop.from=-1',
      'shop.from=1e9',
      'shop.from=abc',
      'shop.from=1&shop.from=2',
      'shop.from=999999999',
      `shop.from=${'9'.repeat(900)}`,
      '%00=%ff',
      'shop.from=%3Cscript%3E',
    ]) {
      const answer = await get(`/shop?${query}`);
      expect(answer.statusCode, query).toBe(200);
      expect(answer.body, query).not.toContain('<script>');
      expect(answer.body, query).toContain('data-card=');
    }
    expect((await get(`/shop?${'a'.repeat(5000)}`)).statusCode).toBe(400);
  });

  it('help where there is nothing, with 404', async () => {
    for (const url of [
      '/nowhere',
      '/product/none',
      '/category/none',
      '/pictures/abc/320.webp',
      '/product/%F0%28',
      `/product/${'long-'.repeat(56)}`,
    ]) {
      const answer = await get(url);
      expect(answer.statusCode, url).toBe(404);
      expect(answer.body, url).toContain('There is nothing at this address');
    }
    expect((await get('/api/nowhere')).json()).toMatchObject({ code: 'not-found' });
  });

  it('show markup in titles as words', async () => {
    await database.pool.query(
      `UPDATE product SET title = '</script><script>alert(1)</script><b>x' WHERE id = 4`,
    );
    await expect.poll(async () => (await get('/product/piece-4')).body).toContain('&lt;script&gt;alert(1)');
    const { body, headers } = await get('/product/piece-4');
    expect(body).not.toContain('<script>alert');
    expect(body).not.toContain('</script><script>');
    expect(headers['content-security-policy']).not.toContain('unsafe');
    expect(headers['content-security-policy']).toContain("default-src 'none'");
  });

  it('link the pages of a list with rel, each at its own size', async () => {
    const { body } = await get('/shop?shop.from=4');
    expect(body).toMatch(/rel="prev"[^>]*href="\/shop#shelf-shop"/);
    expect(body).toMatch(/rel="next"/);
    expect(new Set(body.match(/data-size="\d+"/g))).toEqual(
      new Set(['data-size="4"', 'data-size="6"', 'data-size="8"']),
    );
  });

  it('hold data for machines: the product, and the items of a list', async () => {
    const dataOf = async (url: string) =>
      [...(await get(url)).body.matchAll(/<script type="application\/ld\+json">(.*?)<\/script>/g)].map(
        ([, json]) => JSON.parse(json!) as Record<string, unknown>,
      );
    expect(await dataOf('/product/piece-5')).toContainEqual(
      expect.objectContaining({
        '@type': 'Product',
        name: 'Piece 5',
        offers: expect.objectContaining({ price: '10.05', priceCurrency: 'GBP' }),
      }),
    );
    // It counts as its cards do, and leads to products that are there.
    const [list] = await dataOf('/shop?shop.from=4');
    const items = list!.itemListElement as { position: number; url: string }[];
    expect(list).toMatchObject({ '@type': 'ItemList', numberOfItems: 40 });
    const places = [...(await get('/shop?shop.from=4')).body.matchAll(/data-place="(\d+)"/g)];
    expect(items.map(({ position }) => position - 1)).toEqual(places.map(([, place]) => Number(place)));
    expect(items.length).toBeGreaterThan(3);
    for (const { url } of items) {
      const page = await get(new URL(url).pathname);
      expect(page.statusCode, url).toBe(200);
      expect(page.body).toContain(`data-product="${url.split('-').at(-1)}"`);
    }
  });

  it('say how the server is', async () => {
    expect((await get('/health')).json()).toEqual({ status: 'ok', release: 6 });
  });
});
