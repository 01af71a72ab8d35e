import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { apply } from '../../core/plan/commands.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import { same } from '../../core/settings/same.ts';
import { specimenNames } from '../../core/specimen/specimen.ts';
import { renderAll } from './renderAll.ts';
import { signedIn } from '../specimen/signedIn.ts';
import { documentKeys, documentOf } from '../../core/plan/documents.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import { OWNER } from '../specimen/database.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

describe('publishing', () => {
  it('makes the draft live in one step, with the sentences of what changed', async () => {
    const rows = await store.draft();
    const shelf = rows.find((row) => row.key === 'shelf:home')!;
    const body = { ...(shelf.body as object), columns: { count: { phone: 5 } } };
    await store.save({ key: 'shelf:home', version: shelf.version, body });
    expect((await store.get('/')).body).not.toContain('repeat(5,minmax(0,1fr))');
    const draftVersion = (await store.draft()).reduce((sum, row) => sum + row.version, 0);
    expect(
      (await store.owner.ask('POST', '/api/releases', { draftVersion: draftVersion - 1 })).json(),
    ).toMatchObject({ code: 'draft-stale' });
    const published = await store.owner.ask('POST', '/api/releases', { draftVersion });
    expect(published.json<{ changes: string[] }>().changes.join('\n')).toContain(
      'number of columns now 5, was 2',
    );
    // Whoever looks next sees it, without a wait.
    expect((await store.get('/')).body).toContain('repeat(5,minmax(0,1fr))');
    expect((await store.owner.ask('POST', '/api/releases', { draftVersion })).json()).toMatchObject({
      code: 'nothing-to-publish',
    });
  });

  it('makes one release of one draft, however many publish it at once', async () => {
    const home = await store.document('page:home');
    await store.save({ ...home, body: { ...home.body, name: 'Front' } });
    const count = async () => (await store.database.pool.query('SELECT FROM release')).rowCount!;
    const before = await count();
    const answers = await Promise.all(Array.from({ length: 5 }, () => store.publish()));
    expect(answers.map(({ statusCode }) => statusCode).filter((code) => code === 200)).toHaveLength(1);
    for (const answer of answers)
      if (answer.statusCode !== 200) expect(answer.json()).toMatchObject({ code: 'nothing-to-publish' });
    expect(await count()).toBe(before + 1);
    await store.save({ ...home, version: home.version + 1 });
    expect((await store.publish()).statusCode).toBe(200);
  });

  it.each([
    ['category', 'Everything'],
    // Also what stands where there is no page.
    ['missing', 'Not found'],
  ])('draws every page first, and publishes nothing where that of %s fails', async (kind, name) => {
    const plan = completePlan(await store.plan());
    const failing = {
      ...store.server.parts,
      storefront: {
        ...store.server.parts.storefront,
        view: (...args: Parameters<typeof store.server.parts.storefront.view>) =>
          args[1].kind.id === kind
            ? Promise.reject(new TypeError('cannot be drawn'))
            : store.server.parts.storefront.view(...args),
      },
    };
    await expect(renderAll(plan, store.server.parts)).resolves.toBeUndefined();
    await expect(renderAll(plan, failing)).rejects.toMatchObject({
      code: 'page-not-drawn',
      message: expect.stringContaining(`The page "${name}" could not be drawn`) as string,
    });
  });

  it('takes nothing live while a document cannot be read, which would be gone for shoppers', async () => {
    const key = 'page:shop';
    const { body } = await store.document(key);
    const before = (await store.get('/shop')).statusCode;
    await store.database.pool.query(
      `UPDATE draft_document SET body = jsonb_set(body, '{bays}', '7') WHERE key = $1`,
      [key],
    );
    const home = await store.document('page:home');
    await store.save({ key: 'page:home', version: home.version, body: { ...home.body, name: 'Front' } });
    const answer = await store.publish();
    expect(answer.statusCode).toBe(422);
    expect(answer.json()).toMatchObject({ code: 'document-unreadable', details: { key } });
    expect(answer.json<{ message: string }>().message).toMatch(/^Page "Everything": .*Nothing was published/);
    expect([before, (await store.get('/shop')).statusCode]).toEqual([200, 200]);
    await store.database.pool.query('UPDATE draft_document SET body = $2 WHERE key = $1', [key, body]);
    const now = await store.document('page:home');
    await store.save({ key: 'page:home', version: now.version, body: home.body });
  });

  it('never changes a release afterwards', async () => {
    await expect(store.database.pool.query(`UPDATE release SET plan = '{}'`)).rejects.toThrow(
      /never changed/,
    );
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
    const put = async (plan: StoredPlan) => {
      const rows = await store.draft();
      const documents = documentKeys(plan)
        .filter((key) => rows.some((row) => row.key === key))
        .map((key) => ({
          key,
          version: rows.find((row) => row.key === key)!.version,
          body: documentOf(plan, key)!,
        }))
        .filter(({ key, body }) => !same(writtenDocument(body), rows.find((row) => row.key === key)!.body))
        .map((one) => ({ ...one, body: writtenDocument(one.body) }));
      expect(documents).toHaveLength(1);
      expect((await store.save(...documents)).statusCode).toBe(200);
    };
    const publish = async () => {
      const answer = await store.publish();
      expect(answer.statusCode, answer.body).toBe(200);
      return answer.json<{ changes: string[] }>().changes;
    };
    const before = await store.plan();
    expect((await store.get('/')).body).not.toContain(seen);
    await put(apply(before, { do: 'set', ...change }));
    const changes = await publish();
    expect(changes).toHaveLength(1);
    expect(changes[0]!.toLowerCase()).toContain(sentence.toLowerCase());
    expect((await store.get('/')).body).toContain(seen);

    const after = await store.plan();
    const [only, ...others] = changesBetween(before, after, specimenNames);
    expect(others).toEqual([]);
    await put(apply(after, only!.takeBack));
    expect(await store.plan()).toEqual(before);
    expect(await publish()).toHaveLength(1);
    expect((await store.get('/')).body).not.toContain(seen);
  });

  it('is not for accounts that may only arrange', async () => {
    await store.database.pool.query(
      `INSERT INTO account (email, name, password_hash, role, may_publish) SELECT 'arranger@specimen.example', 'B', password_hash, 'arranger', false FROM account WHERE email = $1`,
      [OWNER.email],
    );
    const arranger = await signedIn(store.server, { ...OWNER, email: 'arranger@specimen.example' });
    expect((await arranger.ask('POST', '/api/releases', { draftVersion: 1 })).json()).toMatchObject({
      code: 'publish-not-allowed',
    });
  });
});
