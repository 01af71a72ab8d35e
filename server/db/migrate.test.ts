import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';
import { afterEach, describe, expect, it } from 'vitest';
import { isEdge, pageKinds, pagePath, publicKinds } from '../../core/pages/index.ts';
import { FORMAT } from '../../core/plan/formats/format.ts';
import { readDocuments } from '../../core/plan/reading.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { makeServer } from '../app.ts';
import { readDraft } from '../drafts/draftRows.ts';
import { fillCatalogue } from '../specimen/database.ts';
import { dropDatabase } from '../specimen/dropDatabase.ts';
import { makePool } from './pool.ts';
import { migrate } from './migrate.ts';

const base = process.env.TEST_DATABASE_URL!;
let dropped: (() => Promise<void>) | null = null;
afterEach(() => dropped?.());

/** A database as the first `count` migrations leave it. */
async function databaseAt(count: number): Promise<{ url: string; client: pg.Client }> {
  const name = `migrate_${randomBytes(6).toString('hex')}`;
  const admin = new pg.Client({ connectionString: base });
  await admin.connect();
  await admin.query(`CREATE DATABASE ${name}`);
  const url = new URL(base);
  url.pathname = `/${name}`;
  await runner({
    databaseUrl: url.href,
    dir: fileURLToPath(new URL('./migrations', import.meta.url)),
    direction: 'up',
    migrationsTable: 'migration',
    count,
    log: () => undefined,
  });
  const client = new pg.Client({ connectionString: url.href });
  await client.connect();
  dropped = async () => {
    await client.end();
    await dropDatabase(admin, name);
    await admin.end();
  };
  return { url: url.href, client };
}

interface Store {
  house: object;
  pages: Record<string, object>;
  shelves: Record<string, object>;
  assortments?: Record<string, object>;
}

const storeOf = async (format: number): Promise<Store> =>
  JSON.parse(
    await readFile(new URL(`../../core/plan/formats/stores/format-${format}.json`, import.meta.url), 'utf8'),
  ) as Store;

/** A saved assortment of 200 products that were picked by hand, as the second format kept it. */
const handPicked = {
  id: 'picked',
  name: 'Picked',
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'named', ids: Array.from({ length: 200 }, (_, i) => i + 1) }] },
    order: { by: 'asNamed' },
    byHand: { putIn: [], leftOut: [7], pins: [{ id: 3, place: 1 }] },
    soldOut: 'out',
    limit: null,
    fallback: null,
  },
};

/** Keeps a store as its draft and as two releases. */
async function keep(client: pg.Client, store: Store): Promise<void> {
  const put = (key: string, body: unknown) =>
    client.query('INSERT INTO draft_document (key, version, body) VALUES ($1, 1, $2)', [
      key,
      body === null ? null : JSON.stringify(body),
    ]);
  await put('house', store.house);
  for (const [kind, group] of [
    ['page', store.pages],
    ['shelf', store.shelves],
    ['assortment', store.assortments ?? {}],
  ] as const)
    for (const [id, body] of Object.entries(group)) await put(`${kind}:${id}`, body);
  await put('shelf:gone', null);
  for (const number of [1, 2])
    await client.query(
      'INSERT INTO release (number, published_at, plan, changes) VALUES ($1, now(), $2, $3)',
      [number, JSON.stringify(store), JSON.stringify([])],
    );
  await client.query('INSERT INTO live (release_number) VALUES (2)');
}

describe.each([
  [1, 3],
  [2, 5],
  [3, 6],
  [4, 7],
])('a store of format %i, as the first %i migrations left it', (format, migrations) => {
  it('is taken over whole: drafts, releases, assortments, and every page is served', async () => {
    const { url, client } = await databaseAt(migrations);
    const store = await storeOf(format);
    // Saved assortments came with the second format.
    const kept =
      format === 1 ? store : { ...store, assortments: { ...store.assortments, picked: handPicked } };
    await keep(client, kept);
    await migrate(url);

    const pool = makePool(url);
    const { plan, unreadable } = readDocuments(await readDraft(pool));
    await fillCatalogue(pool, Date.now());
    await pool.end();
    expect(unreadable).toEqual([]);
    // With the pages that every store has since there are any, and what they show.
    const since = pageKinds.filter(({ everywhere }) => everywhere).map(({ id }) => id);
    const shown = pageKinds.flatMap(({ everywhere, first }) => (everywhere && first?.shelves) || []);
    expect(Object.keys(plan.shelves).sort()).toEqual(
      [...Object.keys(store.shelves), ...shown.map(({ id }) => id)].sort(),
    );
    expect(Object.keys(plan.pages).sort()).toEqual([...Object.keys(store.pages), ...since].sort());
    if (format > 1)
      expect(completePlan(plan).assortments.picked!.assortment).toMatchObject({
        rule: handPicked.assortment.rule,
        byHand: handPicked.assortment.byHand,
      });

    // Releases are as they were published, and nobody can change them.
    const { rows } = await client.query<{ plan: unknown }>('SELECT plan FROM release ORDER BY number');
    for (const row of rows) expect(row.plan).toEqual(kept);
    await expect(client.query(`UPDATE release SET plan = '{}'`)).rejects.toThrow(/never changed/);

    const server = await makeServer({ databaseUrl: url, picturesFolder: '/nowhere' });
    // An order is seen by nobody but who placed it.
    for (const kind of publicKinds.filter(({ many, needs }) => !many && needs !== 'order')) {
      const slug = await server.parts.storefront.example(kind, Date.now());
      expect(slug, kind.id).not.toBeNull();
      const path = pagePath(kind, slug!);
      const { statusCode, body } = await server.app.inject({ url: path });
      const page = completePlan(plan).pages[kind.id];
      expect(statusCode, path).toBe(page ? 200 : 404);
      if (!page) continue;
      expect(body).toMatch(/^<!doctype html>.*<\/html>$/is);
      // Bays are there as they were arranged; one that has nothing to show, and that is hidden, is not.
      const all = [...body.matchAll(/<section class="bay" data-bay="([^"]+)"/g)].map(([, id]) => id!);
      // Header and footer are on every page.
      const around = new Set(
        since.flatMap((id) => (isEdge({ kind: id }) ? plan.pages[id]!.bays.map((bay) => bay.id) : [])),
      );
      for (const id of around) expect(all, path).toContain(id);
      const drawn = all.filter((id) => !around.has(id));
      const arranged = page.bays.map(({ id }) => id);
      // Whoever keeps nothing for later yet is told so.
      if (kind.none) expect(body, path).toMatch(/<p class="none">/);
      else expect(drawn.length, path).toBeGreaterThan(0);
      expect(drawn).toEqual(arranged.filter((id) => drawn.includes(id)));
      for (const bay of page.bays.filter(({ holds }) =>
        ['banner', 'notice', 'product', 'entry'].includes(holds),
      ))
        expect(drawn, path).toContain(bay.id);
    }
    const live = (await server.parts.live.get())!;
    expect(live.unreadable).toEqual([]);
    await server.stop();
  });
});

describe('what is kept from now on', () => {
  it('says its format', async () => {
    const { url, client } = await databaseAt(7);
    const store = await storeOf(FORMAT);
    await keep(client, store);
    await migrate(url);
    const { rows } = await client.query<{ format: number }>(
      `SELECT (plan->>'format')::int AS format FROM release`,
    );
    expect(rows.map(({ format }) => format)).toEqual([FORMAT, FORMAT]);
  });
});
