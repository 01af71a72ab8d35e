import type { PoolClient } from 'pg';
import {
  documentKeys,
  documentOf,
  isDocumentKey,
  withDocument,
  type DocumentKey,
  type Plan,
  type PlanDocument,
} from '../../core/plan/plan.ts';
import type { Queryable } from '../db/pool.ts';

export interface DraftRow {
  key: DocumentKey;
  version: number;
  /** Null once it was taken away. */
  body: PlanDocument | null;
  savedAt: string;
  /** Who saved it last. */
  savedBy: string | null;
}

interface Row {
  key: string;
  version: number;
  body: PlanDocument | null;
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

export async function readDraft(db: Queryable): Promise<DraftRow[]> {
  const { rows } = await db.query<Row>(`${SELECT} ORDER BY key`);
  return rows.filter((row) => isDocumentKey(row.key)).map(asDraftRow);
}

/** The named documents, locked until the transaction ends. Those that never were are absent. */
export async function lockDraftRows(client: PoolClient, keys: readonly DocumentKey[]): Promise<DraftRow[]> {
  const { rows } = await client.query<Row>(
    `${SELECT} WHERE key = ANY($1) ORDER BY key FOR UPDATE OF draft_document`,
    [keys],
  );
  return rows.map(asDraftRow);
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
    [key, expected, body === null ? null : JSON.stringify(body), accountId],
  );
  return rows[0]?.version ?? null;
}

/** The draft as one plan. Throws when there is no house yet. */
export function planFromRows(rows: readonly DraftRow[]): Plan {
  const house = rows.find((row) => row.key === 'house')?.body;
  if (!house) throw new Error('This store has no draft yet.');
  return rows.reduce((plan, row) => (row.body ? withDocument(plan, row.key, row.body) : plan), {
    house,
    pages: {},
    shelves: {},
    assortments: {},
  } as unknown as Plan);
}

export async function writeWholeDraft(
  client: Queryable,
  plan: Plan,
  accountId: number | null,
): Promise<void> {
  for (const key of documentKeys(plan))
    await writeDraftRow(client, { key, expected: 0, body: documentOf(plan, key)!, accountId });
}
