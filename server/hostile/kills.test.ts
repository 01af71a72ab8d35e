import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { times } from '../../core/specimen/times.ts';
import { OWNER } from '../specimen/database.ts';
import { otherProcess, type OtherProcess } from '../specimen/otherProcess.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

/** A server in a process of its own, on the same database. */
function run(): Promise<OtherProcess> {
  const at = (file: string) => JSON.stringify(new URL(file, import.meta.url).href);
  return otherProcess(`Promise.all([import(${at('../app.ts')}), import(${at('../start/listen.ts')})]).then(async ([{ makeServer }, { listen }]) => {
    const server = await makeServer({ databaseUrl: ${JSON.stringify(store.database.url)}, picturesFolder: ${JSON.stringify(store.folder)}, signInTries: 1000 });
    console.log('at ' + (await listen(server, '127.0.0.1', 0)));
  });`);
}

interface Asker {
  post(path: string, body: object): Promise<{ status: number; body: Record<string, unknown> }>;
}

async function signIn(url: string): Promise<Asker> {
  const answer = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(OWNER),
  });
  const cookie = answer.headers.get('set-cookie')!.split(';')[0]!;
  const { csrf } = (await answer.json()) as { csrf: string };
  return {
    async post(path, body) {
      const sent = await fetch(url + path, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie, 'x-csrf-token': csrf },
        body: JSON.stringify(body),
      });
      return { status: sent.status, body: (await sent.json()) as Record<string, unknown> };
    },
  };
}

const KEYS = ['shelf:home', 'shelf:shop', 'page:home'];

/** Saves and publishes as fast as it goes until it fails, noting what was acknowledged; resolves at the end. */
async function work(
  asker: Asker,
  acknowledged: Map<string, number>,
): Promise<{ release: number; unknown: boolean }> {
  let release = 0;
  for (let turn = 0; ; turn += 1) {
    const key = KEYS[turn % KEYS.length]!;
    const { version, body } = await store.document(key);
    try {
      const saved = await asker.post('/api/draft', {
        documents: [{ key, version, body: { ...body, name: `Turn ${turn}` } }],
      });
      if (saved.status !== 200) return { release, unknown: saved.status >= 500 };
      acknowledged.set(key, (saved.body.versions as Record<string, number>)[key]!);
      if (turn % 4 !== 3) continue;
      const draftVersion = (await store.draft()).reduce((sum, row) => sum + row.version, 0);
      const published = await asker.post('/api/releases', { draftVersion });
      if (published.status === 200) release = Number(published.body.release);
    } catch {
      return { release, unknown: true };
    }
  }
}

/** Whatever was acknowledged is there, and what is live is whole. */
async function nothingIsLost(acknowledged: ReadonlyMap<string, number>, release: number): Promise<void> {
  for (const [key, version] of acknowledged)
    expect((await store.document(key)).version, key).toBeGreaterThanOrEqual(version);
  const { rows } = await store.database.pool.query<{ live: number; newest: number }>(
    'SELECT release_number AS live, (SELECT max(number) FROM release) AS newest FROM live',
  );
  expect(rows[0]!.live).toBe(rows[0]!.newest);
  expect(rows[0]!.live).toBeGreaterThanOrEqual(release);
}

describe('a server that is killed while it saves and publishes', () => {
  it('has lost nothing that it acknowledged', async () => {
    for (let i = 0; i < times(1); i += 1) {
      const { child, url, ended } = await run();
      const acknowledged = new Map<string, number>();
      const asker = await signIn(url);
      setTimeout(() => child.kill('SIGKILL'), 300 + Math.random() * 700);
      const { release } = await work(asker, acknowledged);
      await ended;
      expect(acknowledged.size).toBeGreaterThan(0);
      await nothingIsLost(acknowledged, release);
    }
  }, 600_000);
});

describe('a server whose connections to the database are ended while it saves and publishes', () => {
  it('has lost nothing that it acknowledged, says so with 503 and goes on by itself', async () => {
    const { url, kill } = await run();
    const asker = await signIn(url);
    const acknowledged = new Map<string, number>();
    let newest = 0;
    let refused = 0;
    for (let i = 0; i < times(6); i += 1) {
      const cut = setTimeout(
        () =>
          void store.database.pool
            .query(
              `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
             WHERE datname = current_database() AND pid <> pg_backend_pid() AND state <> 'idle'`,
            )
            .catch(() => undefined),
        50 + Math.random() * 150,
      );
      const deadline = Date.now() + 400;
      while (Date.now() < deadline) {
        const { version, body } = await store.document('shelf:home').catch(() => ({ version: -1, body: {} }));
        if (version < 0) continue;
        const saved = await asker.post('/api/draft', {
          documents: [{ key: 'shelf:home', version, body: { ...body, name: `Turn ${i} ${Date.now()}` } }],
        });
        expect([200, 412, 503]).toContain(saved.status);
        if (saved.status === 200)
          acknowledged.set('shelf:home', (saved.body.versions as Record<string, number>)['shelf:home']!);
        else refused += 1;
      }
      clearTimeout(cut);
      newest = Math.max(newest, acknowledged.get('shelf:home') ?? 0);
    }
    await nothingIsLost(acknowledged, 0);
    expect(newest).toBeGreaterThan(5);
    expect(refused).toBeLessThan(newest);
    expect((await fetch(`${url}/shop`)).status).toBe(200);
    await kill();
  }, 600_000);
});
