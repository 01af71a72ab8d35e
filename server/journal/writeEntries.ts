import { freeSlugOf, slugOf } from '../../core/catalogue/slugOf.ts';
import type { Conflict } from '../../core/facts/factEdit.ts';
import type { Entry } from '../../core/journal/entry.ts';
import { entryEdited, isStillSo, type EntryEdit } from '../../core/journal/entryEdit.ts';
import { same } from '../../core/settings/same.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { SLUG_LOCK } from '../goods/addGoods.ts';
import { refuse } from '../goods/refuse.ts';
import { arePictures } from '../pictures/pictureRows.ts';
import { asKept, COLUMNS, readEntriesById } from './entryRows.ts';

/** All or nothing: what is not any more what an edit goes by is told of, and then nothing is written. */
export const writeEntries = (pool: Pool, edits: readonly EntryEdit[]): Promise<Conflict<EntryEdit>[]> =>
  inTransaction(pool, async (client) => {
    if (edits.some(({ fact }) => fact === 'slug'))
      await client.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
    const before = await readEntriesById(client, [...new Set(edits.map(({ id }) => id))], { locked: true });
    const after = new Map(before);
    const conflicts: Conflict<EntryEdit>[] = [];
    for (const edit of edits) {
      const entry = after.get(edit.id);
      if (!entry) conflicts.push({ edit, now: null, gone: true });
      else if (!isStillSo(entry, edit)) conflicts.push({ edit, now: entry[edit.fact], gone: false });
      else after.set(edit.id, entryEdited(entry, edit));
    }
    if (conflicts.length > 0) return conflicts;
    await refuseGonePictures(client, edits);
    for (const [id, entry] of after) await writeChanged(client, before.get(id)!, entry);
    return [];
  });

async function refuseGonePictures(db: Queryable, edits: readonly EntryEdit[]): Promise<void> {
  const ids = edits.flatMap(({ fact, is }) => (fact === 'pictureId' && is !== null ? [is as string] : []));
  if (!(await arePictures(db, ids))) throw new Fault('picture-gone');
}

/** Writes only what differs: what is written is told of as changed. */
async function writeChanged(db: Queryable, before: Entry, after: Entry): Promise<void> {
  const facts = (Object.keys(COLUMNS) as (keyof typeof COLUMNS)[]).filter(
    (fact) => !same(before[fact], after[fact]),
  );
  if (facts.length === 0) return;
  if (facts.includes('slug')) {
    const { rowCount } = await db.query('SELECT FROM journal_entry WHERE slug = $1 AND id <> $2', [
      after.slug,
      after.id,
    ]);
    refuse(rowCount ? `Another entry is at the address "${after.slug}".` : null);
  }
  await db.query(
    `UPDATE journal_entry SET ${facts.map((fact, i) => `${COLUMNS[fact]} = $${i + 2}`).join(', ')} WHERE id = $1`,
    [after.id, ...facts.map((fact) => asKept(fact, after))],
  );
}

/** A new entry that nobody sees until it is shown. Returns its id. */
export const addEntry = (pool: Pool, title: string, now: number): Promise<number> =>
  inTransaction(pool, async (client) => {
    await client.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
    const { rows: taken } = await client.query<{ slug: string }>('SELECT slug FROM journal_entry');
    const slugs = new Set(taken.map(({ slug }) => slug));
    const { rows } = await client.query<{ id: number }>(
      'INSERT INTO journal_entry (slug, title, published_at, hidden) VALUES ($1, $2, $3, true) RETURNING id',
      [freeSlugOf(slugOf(title) || 'entry', (slug) => slugs.has(slug)), title, new Date(now)],
    );
    return rows[0]!.id;
  });

export async function removeEntry(db: Queryable, id: number): Promise<boolean> {
  const { rowCount } = await db.query('DELETE FROM journal_entry WHERE id = $1', [id]);
  return (rowCount ?? 0) > 0;
}
