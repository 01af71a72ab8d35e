import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { makeServer, type Server } from './app.ts';
import { inTransaction } from './db/pool.ts';
import { insertRelease } from './publish/releaseRows.ts';
import { smallPlan } from './specimen/database.ts';
import { signedIn } from './specimen/signedIn.ts';
import { NOW, smallStore, type SmallStore } from './specimen/smallStore.ts';
import { wire, type Wire } from './specimen/wire.ts';

let store: SmallStore;
let between: Wire;
let server: Server;

beforeAll(async () => {
  store = await smallStore();
  between = await wire(store.database.url);
  server = await makeServer({
    databaseUrl: between.url,
    picturesFolder: store.folder,
    clock: () => NOW,
    signInTries: 1_000,
  });
});
afterAll(async () => {
  await server.stop();
  await between.stop();
  await store.stop();
});

const get = (url: string) => server.app.inject({ url });
const health = async () => (await get('/health')).statusCode;
afterEach(async () => {
  between.mend();
  await expect.poll(health, { timeout: 5_000 }).toBe(200);
});

/** Publishes by way of nobody but the database, as another process does. */
async function publishElsewhere(name: string): Promise<number> {
  const plan = smallPlan();
  return inTransaction(store.database.pool, (client) =>
    insertRelease(client, {
      plan: { ...plan, house: { ...plan.house, storeName: name } },
      changes: [],
      accountId: null,
      now: NOW,
    }),
  );
}

describe('while the database is gone', () => {
  it('pages at hand are served, and others say so in the dress of the store, never as raw JSON', async () => {
    const kept = await get('/shop');
    between.break();
    await expect.poll(health, { timeout: 5_000 }).toBe(503);
    expect((await get('/health')).json()).toMatchObject({ database: 'does not answer', status: 'waiting' });
    expect((await get('/shop')).body).toBe(kept.body);
    for (const url of ['/category/some', '/product/piece-4']) {
      const { statusCode, headers, body } = await get(url);
      expect(statusCode, url).toBe(503);
      expect(Number(headers['retry-after'])).toBeGreaterThan(0);
      expect(headers['cache-control']).toBe('no-store');
      expect(headers['content-type']).toContain('text/html');
      expect(body).toContain('Specimen store');
      expect(body).toContain('This page cannot be shown just now');
      expect(headers['content-security-policy']).toContain("default-src 'none'");
    }
    const api = await get('/api/session');
    expect([api.statusCode, api.headers['retry-after']]).toEqual([503, '2']);
  });

  it('a page whose time has come is served as it was last, rather than not at all', async () => {
    const kept = await get('/shop');
    // Something was missed in between, so that nothing counts as good any more.
    server.parts.pages.changed(['all']);
    between.break();
    await expect.poll(health, { timeout: 5_000 }).toBe(503);
    expect((await get('/shop')).body).toBe(kept.body);
  });

  it('the studio is told to wait, and goes on as soon as it answers again', async () => {
    const owner = await signedIn(server);
    between.break();
    await expect.poll(health, { timeout: 5_000 }).toBe(503);
    const refused = await owner.ask('GET', '/api/draft');
    expect(refused.statusCode).toBe(503);
    expect(refused.json()).toMatchObject({ code: 'away' });
    expect(refused.headers['retry-after']).toBe('2');
    between.mend();
    await expect.poll(health, { timeout: 3_000 }).toBe(200);
    expect((await owner.ask('GET', '/api/draft')).statusCode).toBe(200);
    expect((await get('/category/some')).statusCode).toBe(200);
  });
});

describe('a server that starts while the database is gone', () => {
  it('waits, and serves once it answers', async () => {
    between.break();
    const later = await makeServer({
      databaseUrl: between.url,
      picturesFolder: store.folder,
      clock: () => NOW,
    });
    const status = async (url: string) => (await later.app.inject({ url })).statusCode;
    expect(await status('/health')).toBe(503);
    between.mend();
    await expect.poll(() => status('/health'), { timeout: 5_000 }).toBe(200);
    expect(await status('/shop')).toBe(200);
    await later.stop();
  });
});

describe('what another process published', () => {
  it('is seen at once, each time, however closely they follow', async () => {
    for (let i = 0; i < 8; i += 1) {
      const asking = Array.from({ length: 6 }, () => get('/shop'));
      await publishElsewhere(`Store ${i}`);
      await Promise.all(asking);
    }
    await expect
      .poll(async () => (await get('/shop')).body.includes('Store 7'), { timeout: 2_000 })
      .toBe(true);
    expect((await get('/')).body).toContain('Store 7');
  });

  it('is seen within two seconds though the wire that tells of it was cut silently', async () => {
    expect((await get('/shop')).statusCode).toBe(200);
    between.silence();
    await publishElsewhere('Told by nobody');
    const published = Date.now();
    // The wire carries new connections again, but the old ones never say another word.
    const mend = setTimeout(() => between.mend(), 100);
    await expect
      .poll(async () => (await get('/shop')).body.includes('Told by nobody'), {
        timeout: 4_000,
        interval: 20,
      })
      .toBe(true);
    clearTimeout(mend);
    expect(Date.now() - published).toBeLessThan(2_500);
  });

  it('is seen though only its announcement was lost', async () => {
    await get('/shop');
    const plan = smallPlan();
    const { pool } = store.database;
    // A release without a word to anybody, as when an announcement is lost.
    await pool.query(
      `INSERT INTO release (number, published_at, plan, changes)
       SELECT max(number) + 1, now(), jsonb_set((SELECT plan FROM release ORDER BY number DESC LIMIT 1), '{house,storeName}', '"Not a word"'), '[]' FROM release`,
    );
    await pool.query('UPDATE live SET release_number = (SELECT max(number) FROM release)');
    expect(plan.house.storeName).not.toBe('Not a word');
    await expect
      .poll(async () => (await get('/shop')).body.includes('Not a word'), { timeout: 2_000 })
      .toBe(true);
  });
});
