import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readFile } from 'node:fs/promises';
import { FORMAT } from '../../core/plan/formats/format.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

describe('the draft', () => {
  it('is saved document by document, with a version for each', async () => {
    const { body, version } = await store.document('shelf:home');
    const saved = await store.save({ key: 'shelf:home', version, body: { ...body, name: 'Renamed' } });
    expect(saved.json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await store.document('shelf:home')).body).toMatchObject({ name: 'Renamed' });
  });

  it('refuses a stale save whole, and gives back what is there', async () => {
    const [home, shop] = [await store.document('shelf:home'), await store.document('shelf:shop')];
    const answer = await store.save(
      { key: 'shelf:shop', version: shop.version, body: { ...shop.body, name: 'Changed' } },
      { key: 'shelf:home', version: home.version - 1, body: { ...home.body, name: 'Too late' } },
    );
    expect(answer.statusCode).toBe(412);
    expect(answer.json()).toMatchObject({
      code: 'draft-stale',
      details: { theirs: [{ key: 'shelf:home', version: home.version }] },
    });
    expect(await store.document('shelf:shop')).toEqual(shop);
  });

  it('lets only one of two savers through, however they overlap', async () => {
    const { body, version } = await store.document('shelf:home');
    const answers = await Promise.all(
      Array.from({ length: 6 }, (_, i) =>
        store.save({ key: 'shelf:home', version, body: { ...body, name: `Racer ${i}` } }),
      ),
    );
    expect(answers.map((answer) => answer.statusCode).sort()).toEqual([200, 412, 412, 412, 412, 412]);
  });

  it('is refused as a whole, with a sentence that names the shelf and the setting', async () => {
    const { body, version } = await store.document('shelf:home');
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
      const answer = await store.save({ key: 'shelf:home', version, body: broken });
      expect(answer.statusCode, sentence).toBe(422);
      expect(answer.json<{ message: string }>().message).toMatch(/^Shelf "/);
      expect(answer.json<{ message: string }>().message).toContain(sentence);
    }
    expect(await store.document('shelf:home')).toMatchObject({ version });
  });

  it('saves what is merely wrong, and draws it safely: a bay whose shelf is gone', async () => {
    const shelf = await store.document('shelf:category');
    expect((await store.get('/category/all')).body).toContain('data-card=');
    expect((await store.save({ ...shelf, body: null })).statusCode).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    const page = await store.get('/category/all');
    expect(page.statusCode).toBe(200);
    expect(page.body).not.toContain('data-card=');
    expect((await store.save({ ...shelf, version: shelf.version + 1 })).statusCode).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    expect((await store.get('/category/all')).body).toContain('data-card=');
  });

  it('takes the same save again where its answer was lost, and no other in its place', async () => {
    const { body, version } = await store.document('shelf:home');
    const save = (name: string) => store.save({ key: 'shelf:home', version, body: { ...body, name } });
    expect((await save('Once')).json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await save('Once')).json()).toMatchObject({ versions: { 'shelf:home': version + 1 } });
    expect((await save('Other')).json()).toMatchObject({ code: 'draft-stale' });
    expect(await store.document('shelf:home')).toMatchObject({
      version: version + 1,
      body: { name: 'Once' },
    });
  });

  it('takes documents of an older version, as a window left open over an upgrade sends them', async () => {
    const { version } = await store.document('shelf:home');
    const kept = JSON.parse(
      await readFile(new URL('../../core/plan/formats/stores/format-2.json', import.meta.url), 'utf8'),
    ) as { shelves: Record<string, object> };
    const old = { ...Object.values(kept.shelves)[0], id: 'home' };
    const answer = await store.save({ key: 'shelf:home', version, body: old });
    expect(answer.json()).toMatchObject({ format: FORMAT, versions: { 'shelf:home': version + 1 } });
    const saved = (await store.document('shelf:home')).body;
    expect(saved).toMatchObject({ format: FORMAT, amount: { by: 'items', items: { phone: 10 } } });
    const newer = await store.save({
      key: 'shelf:home',
      version: version + 1,
      body: { ...saved, format: FORMAT + 1 },
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
        const answer = await store.server.app.inject({
          method: 'POST',
          url,
          payload: JSON.stringify(body),
          headers: {
            'content-type': 'application/json',
            cookie: store.owner.cookie,
            'x-csrf-token': store.owner.csrf,
          },
        });
        expect(answer.statusCode, `${url} ${JSON.stringify(body)}`).toBeGreaterThanOrEqual(400);
        expect(answer.statusCode, `${url} ${JSON.stringify(body)}`).toBeLessThan(500);
        expect(answer.json<{ message: string }>().message.length).toBeGreaterThan(10);
      }
    const broken = await store.server.app.inject({
      method: 'POST',
      url: '/api/draft',
      payload: '{"documents":',
      headers: {
        'content-type': 'application/json',
        cookie: store.owner.cookie,
        'x-csrf-token': store.owner.csrf,
      },
    });
    expect(broken.json()).toMatchObject({ code: 'body-unreadable' });
  });

  it('never shows a shelf that somebody removed meanwhile, in whatever order two saves come', async () => {
    const seen = async () => (await store.draft()).reduce((sum, { version }) => sum + version, 0);
    const send = (known: number, ...documents: object[]) =>
      store.owner.ask('POST', '/api/draft', { documents, seen: known });
    const bay = { id: 'more', holds: 'shelf', shelfId: 'shop' };
    for (let i = 0; i < 12; i += 1) {
      const [home, shop, shelf] = [
        await store.document('page:home'),
        await store.document('page:shop'),
        await store.document('shelf:shop'),
      ];
      const known = await seen();
      const uses = [{ ...home, body: { ...home.body, bays: [...(home.body.bays as object[]), bay] } }];
      const removes = [
        { ...shelf, body: null },
        { ...shop, body: { ...shop.body, bays: [] } },
      ];
      const saves = i % 2 ? [uses, removes] : [removes, uses];
      const answers = await Promise.all(saves.map((documents) => send(known, ...documents)));
      expect(answers.map(({ statusCode }) => statusCode).sort()).toEqual([200, 412]);
      const refused = answers.find(({ statusCode }) => statusCode === 412)!;
      // All that there is, so that the window can put the two together.
      const { theirs } = refused.json<{ details: { theirs: { key: string }[] } }>().details;
      expect(theirs.map(({ key }) => key)).toEqual(expect.arrayContaining(['page:home', 'shelf:shop']));
      const now = await store.plan();
      for (const page of Object.values(now.pages))
        for (const one of page.bays)
          if (one.holds === 'shelf') expect(now.shelves).toHaveProperty(one.shelfId!);
      // Back to how it was, seen whole.
      const back = await Promise.all(
        [home, shop, shelf].map(async ({ key, body }) => ({ ...(await store.document(key)), body })),
      );
      expect((await send(await seen(), ...back)).statusCode).toBe(200);
    }
  });

  it('is saved at once by many, each in another order, without one waiting for the other for ever', async () => {
    const keys = ['shelf:home', 'shelf:shop', 'page:home'];
    const read = await Promise.all(keys.map((key) => store.document(key)));
    const answers = await Promise.all(
      Array.from({ length: 10 }, (_, i) =>
        store.save(
          ...(i % 2 ? read : [...read].reverse()).map((one) => ({
            ...one,
            body: { ...one.body, name: `Name ${i}` },
          })),
        ),
      ),
    );
    expect(answers.map(({ statusCode }) => statusCode).sort()).toEqual([200, ...Array<number>(9).fill(412)]);
    const names = await Promise.all(keys.map(async (key) => (await store.document(key)).body.name));
    expect(new Set(names).size).toBe(1);
  });
});
