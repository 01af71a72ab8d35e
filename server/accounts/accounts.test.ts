import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeServer } from '../app.ts';
import { signedIn } from '../specimen/signedIn.ts';
import { OWNER, testDatabase } from '../specimen/database.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

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
});
