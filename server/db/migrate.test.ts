import { randomBytes } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';
import { afterEach, describe, expect, it } from 'vitest';
import { firstBands, newShelf } from '../../core/plan/atFirst.ts';
import { planFaults, readDocument, type Plan } from '../../core/plan/plan.ts';
import { shelfSchema, type Shelf } from '../../core/plan/shelf.ts';
import { specimenPlan, specimenShelf } from '../../core/specimen/specimen.ts';
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
    await admin.query(`DROP DATABASE ${name} WITH (FORCE)`);
    await admin.end();
  };
  return { url: url.href, client };
}

type Loose = Record<string, unknown>;

/** A shelf as it was kept before where texts stand could be set. */
function beforePlacing(shelf: Shelf): Loose {
  const old = structuredClone(shelf) as unknown as Loose;
  for (const key of ['slideBy', 'slideScreen']) delete old[key];
  const card = { ...(old.card as Loose) };
  const moving = { ...(old.moving as Loose) };
  for (const key of ['text', 'frame', 'inside']) delete card[key];
  for (const key of ['arrowLook', 'markLook', 'comes']) delete moving[key];
  const picture = { ...(card.picture as Loose) };
  delete picture.screen;
  return { ...old, card: { ...card, picture }, moving };
}

/** The same as it was kept before forms other than a grid. */
function beforeForms(shelf: Shelf): Loose {
  const { id, name, assortmentId, assortment, notTwice, across, gap, card } = shelf;
  return {
    id,
    name,
    assortmentId,
    assortment,
    notTwice,
    form: 'grid',
    across,
    gap,
    amount: { by: 'items', rows: { phone: 2 }, items: 10 },
    pager: 'numbered',
    lastRow: { phone: 'leave' },
    card: {
      order: card.order,
      shown: card.shown,
      picture: { ratio: '3:4', fit: 'whole' },
      titleLines: 3,
      align: 'end',
    },
  };
}

async function keep(client: pg.Client, plan: Plan, shelves: Record<string, Loose>): Promise<void> {
  const put = (key: string, body: unknown) =>
    client.query('INSERT INTO draft_document (key, version, body) VALUES ($1, 1, $2)', [
      key,
      body === null ? null : JSON.stringify(body),
    ]);
  await put('house', plan.house);
  for (const [id, shelf] of Object.entries(shelves)) await put(`shelf:${id}`, shelf);
  for (const [id, page] of Object.entries(plan.pages)) await put(`page:${id}`, page);
  await put('shelf:gone', null);
  await client.query('INSERT INTO release (number, published_at, plan, changes) VALUES (1, now(), $1, $2)', [
    JSON.stringify({ ...plan, shelves }),
    JSON.stringify([]),
  ]);
}

describe('drafts and releases that were kept before', () => {
  it('take the settings of texts, frames and looks as they stood for until then', async () => {
    const { url, client } = await databaseAt(6);
    const shelf = specimenShelf('a', { visible: { phone: 2.3 } });
    await keep(client, specimenPlan([shelf]), { a: beforePlacing(shelf) });
    await migrate(url);
    const { rows } = await client.query(`SELECT body FROM draft_document WHERE key = 'shelf:a'`);
    const read = readDocument('shelf:a', rows[0].body) as Shelf;
    const usual = newShelf('a', firstBands);
    expect(read.card.text).toEqual(usual.card.text);
    expect(read.card.frame).toBe('plain');
    expect(read.moving).toEqual(shelf.moving);
    expect(read.visible).toEqual({ phone: 2.3 });
    expect(
      (await client.query(`SELECT body FROM draft_document WHERE key = 'shelf:gone'`)).rows[0].body,
    ).toBeNull();
    const release = await client.query('SELECT plan FROM release');
    expect(() => shelfSchema.validateSync(release.rows[0].plan.shelves.a, { strict: true })).not.toThrow();
    expect(planFaults(release.rows[0].plan as Plan)).toEqual([]);
    // A release stays what nobody can change.
    await expect(client.query(`UPDATE release SET plan = '{}'`)).rejects.toThrow();
  });

  it('come all the way from a time of grids only', async () => {
    const { url, client } = await databaseAt(5);
    const shelf = specimenShelf('a');
    await keep(client, specimenPlan([shelf]), { a: beforeForms(shelf) });
    await migrate(url);
    const { rows } = await client.query(`SELECT body FROM draft_document WHERE key = 'shelf:a'`);
    const read = readDocument('shelf:a', rows[0].body) as Shelf;
    expect(read).toMatchObject({
      form: { phone: 'grid' },
      paging: { by: 'numbered' },
      amount: { items: { phone: 10 } },
      card: { titleLines: 3, align: 'end', picture: { by: 'ratio', ratio: { phone: '3:4' }, fit: 'whole' } },
    });
  });
});
