import type { PoolClient } from 'pg';
import {
  documentKeys,
  documentOf,
  isDocumentKey,
  type DocumentKey,
  type PlanDocument,
} from '../../core/plan/documents.ts';
import { readDocuments, writtenDocument, type ReadPlan } from '../../core/plan/reading.ts';
import type { House } from '../../core/plan/house.ts';
import { completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Queryable } from '../db/pool.ts';

export interface DraftRow {
  key: DocumentKey;
  version: number;
  /** As it was written, of whatever format; null once it was removed. */
  body: unknown;
  savedAt: string;
  /** Who saved it last. */
  savedBy: string | null;
}

interface Row {
  key: string;
  version: number;
  body: unknown;
  saved_at: Date;
  name: string | null;
}

const asDraftRow = (row: Row): DraftRow => ({
  key: row.key as DocumentKey,
  version: row.version,
  body: row.body,
  savedAt: row.saved_at.toISOString(),
  savedBy: row.name,
});

const SELECT = `SELECT key, version, body, saved_at, account.name
  FROM draft_document LEFT JOIN account ON account.id = saved_by`;

/** All documents of the draft, or only some. */
export async function readDraft(
  db: Queryable,
  keys: readonly DocumentKey[] | null = null,
): Promise<DraftRow[]> {
  const { rows } = await db.query<Row>(`${SELECT} WHERE $1::text[] IS NULL OR key = ANY($1) ORDER BY key`, [
    keys,
  ]);
  return rows.filter((row) => isDocumentKey(row.key)).map(asDraftRow);
}

/** Sum of all versions: what a window has seen, and what a publishing says that it has. */
export const versionOf = (rows: readonly DraftRow[]): number =>
  rows.reduce((sum, { version }) => sum + version, 0);

/** Lets one save or release after the other, so that none reads what another is about to change. */
export async function lockDraft(client: PoolClient): Promise<void> {
  await client.query('LOCK TABLE draft_document IN SHARE ROW EXCLUSIVE MODE');
}

/**
 * Writes a document if its version is still `expected` (0 for one that is new). Returns the new version, or
 * null where somebody else was first.
 */
export async function writeDraftRow(
  client: Queryable,
  {
    key,
    expected,
    body,
    accountId,
  }: { key: DocumentKey; expected: number; body: PlanDocument | null; accountId: number | null },
): Promise<number | null> {
  const { rows } = await client.query<{ version: number }>(
    `INSERT INTO draft_document (key, version, body, saved_by) VALUES ($1, $2 + 1, $3, $4)
     ON CONFLICT (key) DO UPDATE SET version = draft_document.version + 1, body = excluded.body, saved_at = now(), saved_by = excluded.saved_by
     WHERE draft_document.version = $2
     RETURNING version`,
    [key, expected, body === null ? null : JSON.stringify(writtenDocument(body)), accountId],
  );
  return rows[0]?.version ?? null;
}

/** The draft as one plan, with what cannot be read left out of it and said. Throws when there is no house yet. */
export function readRows(rows: readonly DraftRow[]): ReadPlan {
  if (!rows.some(({ key, body }) => key === 'house' && body)) throw new Error('This store has no draft yet.');
  return readDocuments(rows);
}

export const planFromRows = (rows: readonly DraftRow[]): StoredPlan => readRows(rows).plan;

export async function writeWholeDraft(
  client: Queryable,
  plan: StoredPlan,
  accountId: number | null,
): Promise<void> {
  for (const key of documentKeys(plan))
    await writeDraftRow(client, { key, expected: 0, body: documentOf(plan, key)!, accountId });
}

/** The house as it is drafted, complete. */
export const readDraftHouse = async (db: Queryable): Promise<House> =>
  completePlan(planFromRows(await readDraft(db, ['house']))).house;
