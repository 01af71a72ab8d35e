import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findingsIn } from '../../core/checks/index.ts';
import { pageKinds } from '../../core/pages/index.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { specimenNames } from '../../core/specimen/specimen.ts';
import { makeServer } from '../app.ts';
import { migrate } from '../db/migrate.ts';
import { inTransaction } from '../db/pool.ts';
import { planFromRows, writeWholeDraft, type DraftRow } from '../drafts/draftRows.ts';
import { signedIn } from '../specimen/signedIn.ts';
import { emptyDatabase, fillCatalogue, OWNER, smallPlan, testDatabase } from '../specimen/database.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';
import { ensureSetupCode } from './setupCode.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

describe('accounts', () => {
  it('say no without telling which of the two was wrong', async () => {
    for (const payload of [
      { ...OWNER, password: 'not it' },
      { email: 'nobody@specimen.example', password: 'not it' },
    ]) {
      const answer = await store.server.app.inject({ method: 'POST', url: '/api/session', payload });
      expect(answer.statusCode).toBe(401);
      expect(answer.json()).toMatchObject({ code: 'sign-in-wrong' });
    }
  });

  it('keep the session in a cookie that no script reads, and only its hash in the database', async () => {
    const answer = await store.server.app.inject({ method: 'POST', url: '/api/session', payload: OWNER });
    expect(String(answer.headers['set-cookie'])).toMatch(/HttpOnly.*SameSite=Lax|SameSite=Lax.*HttpOnly/i);
    const token = String(answer.headers['set-cookie']).split(';')[0]!.split('=')[1]!;
    const { rows } = await store.database.pool.query('SELECT FROM session WHERE token_hash = $1', [token]);
    expect(rows).toHaveLength(0);
  });

  it('let nobody in without a session, and nobody change anything without the token of the studio', async () => {
    expect((await store.get('/api/draft')).json()).toMatchObject({ code: 'sign-in-needed' });
    const forged = await store.server.app.inject({
      method: 'POST',
      url: '/api/draft',
      payload: { documents: [] },
      headers: { cookie: store.owner.cookie },
    });
    expect(forged.statusCode).toBe(403);
    expect(forged.json()).toMatchObject({ code: 'csrf-missing' });
  });

  it('end with signing out', async () => {
    const other = await signedIn(store.server);
    expect((await other.ask('GET', '/api/draft')).statusCode).toBe(200);
    await other.ask('DELETE', '/api/session');
    expect((await other.ask('GET', '/api/draft')).statusCode).toBe(401);
  });

  it('limit how often a password is tried', async () => {
    const strict = await makeServer({
      databaseUrl: store.database.url,
      picturesFolder: store.folder,
      signInTries: 3,
    });
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
    await fresh.pool.query(`INSERT INTO setup_code (code) VALUES ('the-code')`);
    const empty = await makeServer({
      databaseUrl: fresh.url,
      picturesFolder: store.folder,
    });
    const make = (code: string, password = 'long enough it is') =>
      empty.app.inject({
        method: 'POST',
        url: '/api/owner',
        payload: { email: 'a@b.example', name: 'A', password, code, store: 'A store' },
      });
    expect((await make('wrong')).json()).toMatchObject({ code: 'code-wrong' });
    expect((await make('the-code', 'short')).json()).toMatchObject({ code: 'password-short' });
    // However many ask at once, one of them is the first.
    const asked = await Promise.all(
      Array.from({ length: 5 }, (_, i) =>
        empty.app.inject({
          method: 'POST',
          url: '/api/owner',
          payload: {
            email: `a${i}@b.example`,
            name: 'A',
            password: 'long enough it is',
            code: 'the-code',
            store: 'A store',
          },
        }),
      ),
    );
    expect(asked.map(({ statusCode }) => statusCode === 200).filter(Boolean)).toHaveLength(1);
    for (const answer of asked)
      if (answer.statusCode !== 200) expect(answer.json()).toMatchObject({ code: 'owner-exists' });
    expect((await fresh.pool.query('SELECT FROM account')).rowCount).toBe(1);
    expect((await make('the-code')).json()).toMatchObject({ code: 'owner-exists' });
    await empty.stop();
    await fresh.drop();
  });

  it('limit how often one account is tried, from wherever', async () => {
    const strict = await makeServer({
      databaseUrl: store.database.url,
      picturesFolder: store.folder,
      signInTries: 2,
      trustProxy: 1,
    });
    const tryFrom = async (address: string, email: string) =>
      (
        await strict.app.inject({
          method: 'POST',
          url: '/api/session',
          headers: { 'x-forwarded-for': address },
          payload: { email, password: 'a guess' },
        })
      ).statusCode;
    const tries = [];
    for (let i = 0; i < 9; i += 1)
      tries.push(await tryFrom(`10.0.0.${i}`, i % 2 ? 'Owner@specimen.example' : OWNER.email));
    expect(tries).toEqual([401, 401, 401, 401, 401, 401, 429, 429, 429]);
    // Others sign in as before.
    expect(await tryFrom('10.0.1.1', 'other@specimen.example')).toBe(401);
    await strict.stop();
  });

  it('believe nobody about where they come from, unless a proxy is trusted', async () => {
    const open = await makeServer({
      databaseUrl: store.database.url,
      picturesFolder: store.folder,
      signInTries: 2,
    });
    const tries = [];
    for (let i = 0; i < 4; i += 1)
      tries.push(
        (
          await open.app.inject({
            method: 'POST',
            url: '/api/session',
            headers: { 'x-forwarded-for': `10.0.0.${i}` },
            payload: { email: `nobody${i}@specimen.example`, password: 'a guess' },
          })
        ).statusCode,
      );
    await open.stop();
    expect(tries).toEqual([401, 401, 429, 429]);
  });

  it('are changed by pages of the store itself only', async () => {
    const from = async (origin: string | undefined, url: string) =>
      (
        await store.server.app.inject({
          method: 'POST',
          url,
          headers: {
            cookie: store.owner.cookie,
            'x-csrf-token': store.owner.csrf,
            ...(origin && { origin }),
          },
          payload: url === '/api/session' ? OWNER : { ids: [1] },
        })
      ).statusCode;
    for (const url of ['/api/session', '/api/titles']) {
      expect(await from(undefined, url)).toBe(200);
      // The public origin, and the address under which it is asked.
      expect(await from('http://127.0.0.1:4310', url)).toBe(200);
      expect(await from('http://localhost:80', url)).toBe(200);
      for (const other of ['https://evil.example', 'null', 'http://localhost:81', 'x'])
        expect(await from(other, url), other).toBe(403);
    }
  });
});

describe('a new store', () => {
  it('begins in one way, however many processes start on it at once', async () => {
    const fresh = await emptyDatabase();
    await Promise.all(Array.from({ length: 4 }, () => migrate(fresh.url)));
    const codes = await Promise.all(Array.from({ length: 4 }, () => ensureSetupCode(fresh.pool)));
    expect(new Set(codes).size).toBe(1);
    expect(codes[0]!.length).toBeGreaterThan(8);
    const { rows } = await fresh.pool.query(
      'SELECT count(*)::int AS n, count(DISTINCT name)::int AS names FROM migration',
    );
    expect(rows[0].n).toBe(rows[0].names);
    await fresh.drop();
  });

  it('has a first plan that can be arranged, published and seen, and no code any more', async () => {
    const fresh = await testDatabase();
    const code = await ensureSetupCode(fresh.pool);
    const server = await makeServer({
      databaseUrl: fresh.url,
      picturesFolder: store.folder,
      clock: () => NOW,
    });
    const answer = await server.app.inject({
      method: 'POST',
      url: '/api/owner',
      payload: { ...OWNER, name: 'Owner', code, store: 'Harbour Lamps' },
    });
    expect(answer.statusCode, answer.body).toBe(200);
    const owner = await signedIn(server);
    // Shoppers see nothing before it is published.
    const early = await server.app.inject('/');
    expect([early.statusCode, early.body.includes('This store is not open yet')]).toEqual([404, true]);
    const { documents } = (await owner.ask('GET', '/api/draft')).json<{ documents: DraftRow[] }>();
    const plan = planFromRows(documents);
    expect(Object.keys(plan.pages).sort()).toEqual(
      pageKinds
        .filter(({ many, kept }) => !many && !kept)
        .map(({ id }) => id)
        .sort(),
    );
    expect(findingsIn(completePlan(plan), specimenNames)).toEqual([]);
    const published = await owner.ask('POST', '/api/releases', { draftVersion: documents.length });
    expect(published.statusCode, published.body).toBe(200);
    await fillCatalogue(fresh.pool, NOW);
    for (const url of [
      '/',
      '/shop',
      '/category/all',
      '/collection/chosen',
      '/product/piece-3',
      '/journal',
      '/journal/first',
    ]) {
      await expect.poll(async () => (await server.app.inject(url)).statusCode).toBe(200);
      expect((await server.app.inject(url)).body).toContain('Harbour Lamps');
    }
    await expect.poll(async () => (await server.app.inject('/')).body).toContain('data-card=');
    expect(await ensureSetupCode(fresh.pool)).toBeNull();
    expect((await fresh.pool.query('SELECT FROM setup_code')).rowCount).toBe(0);
    await server.stop();
    await fresh.drop();
  });

  it('keeps a draft that is there already when its first owner comes', async () => {
    const fresh = await testDatabase();
    await inTransaction(fresh.pool, (client) => writeWholeDraft(client, smallPlan(), null));
    const code = await ensureSetupCode(fresh.pool);
    const server = await makeServer({ databaseUrl: fresh.url, picturesFolder: store.folder });
    await server.app.inject({
      method: 'POST',
      url: '/api/owner',
      payload: { ...OWNER, name: 'Owner', code, store: 'Another name' },
    });
    const { rows } = await fresh.pool.query(
      `SELECT body->>'storeName' AS name FROM draft_document WHERE key = 'house'`,
    );
    expect(rows).toEqual([{ name: 'Specimen store' }]);
    await server.stop();
    await fresh.drop();
  });
});
