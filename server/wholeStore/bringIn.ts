import type { PoolClient } from 'pg';
import {
  documentKeys,
  documentOf,
  emptyPlan,
  isDocumentKey,
  withDocument,
  type DocumentKey,
} from '../../core/plan/documents.ts';
import {
  keptDocuments,
  readDocuments,
  readPlan,
  type KeptDocument,
  type ReadPlan,
} from '../../core/plan/reading.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { object, ValidationError, type Schema } from '../../core/schema/schema.ts';
import { ALL } from '../../core/view/reads.ts';
import type { Queryable } from '../db/pool.ts';
import { lockDraft, writeDraftRow } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import { SLUG_LOCK } from '../goods/addGoods.ts';
import { inBulk, inLots } from '../goods/inBulk.ts';
import { writeWords } from '../goods/writeWords.ts';
import { insertRelease } from '../publish/releaseRows.ts';
import { countStore } from './countStore.ts';
import { DRAFT, PUBLISHED, tableFile } from './fileNames.ts';
import { refused, type StoreFile } from './openStoreFile.ts';
import { storeTables, type StoreTable } from './storeTables.ts';

/** Rows that are written at once. */
const BATCH = 500;
interface Row {
  line: number;
  row: Record<string, unknown>;
}

interface BringIn {
  accountId: number | null;
  now: number;
  /** Told of how many more lines and files are written; throws where it has to end. */
  onDone(more: number): Promise<void>;
}

/**
 * Writes a whole store into this one, which has to be empty, within the transaction of the caller. Ids stay as they are in
 * the file, since what is arranged refers to goods by them. Throws a Fault with the file and the line.
 */
export async function bringIn(
  client: PoolClient,
  file: StoreFile,
  { accountId, now, onDone }: BringIn,
): Promise<void> {
  await client.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
  await lockDraft(client);
  if (!(await countStore(client)).isEmpty) throw new Fault('store-not-empty');
  const draft = await readDraftFile(file);
  const published = await readPublished(file);
  let products: number[] = [];
  await inBulk(client, async () => {
    for (const table of storeTables) await writeTable(client, file, table, onDone);
    for (const table of storeTables) await checkWhole(client, table);
    const { rows } = await client.query<{ id: number }>('SELECT id FROM product ORDER BY id');
    products = rows.map(({ id }) => id);
    return products;
  });
  // Made of the tags that are kept with each by now.
  await inBulk(client, async () => {
    await inLots(products, (lot) => writeWords(client, lot));
    return [];
  });
  await client.query('UPDATE order_count SET orders = orders + $1 WHERE slot = 0', [file.head.orders]);
  await client.query('UPDATE store_figures SET windows_as_of = NULL');
  await writeDraft(client, draft, accountId);
  if (published)
    await insertRelease(client, {
      plan: published,
      changes: ['Brought in from another store'],
      accountId,
      now,
    });
  await client.query(`SELECT pg_notify('changed', $1)`, [ALL]);
}

/** The rows of a table, checked, some at a time. */
async function* checkedRows(file: StoreFile, { id, columns, later }: StoreTable): AsyncGenerator<Row[]> {
  const schema = object(columns as Record<string, Schema>)
    .noUnknown()
    .required();
  const name = tableFile(id);
  let lot: Row[] = [];
  for await (const { line, value } of file.lines(name)) {
    try {
      lot.push({
        line,
        row: schema.validateSync(later ? { ...later, ...(value as Row['row']) } : value, { strict: true }),
      });
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error;
      throw refused(`${name}, line ${line}${error.path ? `, ${error.path}` : ''}: ${error.message}`, error);
    }
    if (lot.length < BATCH) continue;
    yield lot;
    lot = [];
  }
  if (lot.length > 0) yield lot;
}

async function writeTable(
  client: Queryable,
  file: StoreFile,
  table: StoreTable,
  onDone: BringIn['onDone'],
): Promise<void> {
  if (table.isLater && !file.has(tableFile(table.id))) return;
  for await (const lot of checkedRows(file, table)) {
    if (table.brings) await writeWithFiles(client, file, table, table.brings, lot, onDone);
    else await writeLot(client, table, lot);
    await onDone(lot.length);
  }
  const { numbered } = table;
  if (numbered)
    await client.query(
      `SELECT setval(pg_get_serial_sequence('${table.table}', '${numbered}'), greatest(max(${numbered}), 1)) FROM ${table.table}`,
    );
}

/** @param bytes of the file that the rows, of which there is one, bring */
async function insert(
  client: Queryable,
  { table, columns, derived }: StoreTable,
  lot: readonly Row[],
  bytes?: Buffer,
): Promise<void> {
  const rows = lot.map(({ row }) => ({ ...row, ...derived?.(row) }));
  const names = Object.keys({ ...columns, ...rows[0] }).join(', ');
  await client.query(
    `INSERT INTO ${table} (${names}${bytes ? ', bytes' : ''})
     SELECT ${names}${bytes ? ', $2::bytea' : ''} FROM jsonb_populate_recordset(NULL::${table}, $1)`,
    [JSON.stringify(rows), ...(bytes ? [bytes] : [])],
  );
}

/** What the database holds against a row, for a person. */
const SAID: Readonly<Record<string, string>> = {
  23503: 'It refers to something that this file does not hold.',
  23505: 'It is there twice.',
  23514: 'Its values do not fit together.',
};

/** Writes rows, and finds out which of them it is that cannot be. */
async function writeLot(
  client: Queryable,
  table: StoreTable,
  lot: readonly Row[],
  bytes?: Buffer,
): Promise<void> {
  const attempt = async (rows: readonly Row[]) => {
    await client.query('SAVEPOINT lot');
    try {
      await insert(client, table, rows, bytes);
    } catch (error) {
      await client.query('ROLLBACK TO SAVEPOINT lot');
      throw error;
    }
    await client.query('RELEASE SAVEPOINT lot');
  };
  try {
    await attempt(lot);
  } catch (error) {
    if (!isUnfit(error)) throw error;
    for (const one of lot)
      await attempt([one]).catch((cause: unknown) => {
        if (!isUnfit(cause)) throw cause;
        const said = SAID[(cause as { code: string }).code] ?? 'It cannot be kept like that.';
        throw refused(`${tableFile(table.id)}, line ${one.line}: ${said}`, cause);
      });
  }
}

/** Whether the database says no to values, and not because it cannot be reached. */
const isUnfit = (error: unknown): boolean => /^2[23]/.test(String((error as { code?: unknown }).code));

/** Rows that bring a file each, which has to be what its row says. */
async function writeWithFiles(
  client: Queryable,
  file: StoreFile,
  table: StoreTable,
  { called, fault }: NonNullable<StoreTable['brings']>,
  lot: readonly Row[],
  onDone: BringIn['onDone'],
): Promise<void> {
  for (const one of lot) {
    const name = called(one.row);
    const bytes = await file.bytes(name);
    const said = await fault(bytes, one.row);
    if (said) throw refused(`${tableFile(table.id)}, line ${one.line}: ${name} ${said}.`);
    await writeLot(client, table, [one], bytes);
    await onDone(1);
  }
}

async function checkWhole(client: Queryable, { id, lacking }: StoreTable): Promise<void> {
  if (!lacking) return;
  const { rows } = await client.query<{ id: string }>(`${lacking} LIMIT 1`);
  if (rows[0]) throw refused(`${tableFile(id)}: What belongs to ${rows[0].id} is missing.`);
}

/** Documents of the file as a plan of these alone: pages that every store has come by themselves. All have to be readable. */
function planOf(
  name: string,
  documents: readonly KeptDocument[],
  { plan, unreadable }: ReadPlan,
): StoredPlan {
  const [first] = unreadable;
  if (first) throw refused(`${name}, ${first.key}: ${first.message}`);
  return documents.reduce((made, { key }) => withDocument(made, key, documentOf(plan, key)!), emptyPlan);
}

async function readDraftFile(file: StoreFile): Promise<StoredPlan> {
  const documents: KeptDocument[] = [];
  const seen = new Set<DocumentKey>();
  for await (const { line, value } of file.lines(DRAFT)) {
    const { key, body } = (value ?? {}) as { key?: unknown; body?: unknown };
    if (
      typeof key !== 'string' ||
      !isDocumentKey(key) ||
      typeof body !== 'object' ||
      body === null ||
      seen.has(key)
    )
      throw refused(`${DRAFT}, line ${line}: This is no document of a store, or is there twice.`);
    seen.add(key);
    documents.push({ key, body });
  }
  if (!seen.has('house')) throw refused(`${DRAFT}: The house style is missing.`);
  return planOf(DRAFT, documents, readDocuments(documents));
}

async function readPublished(file: StoreFile): Promise<StoredPlan | null> {
  if (!file.has(PUBLISHED)) return null;
  let value: unknown;
  try {
    value = JSON.parse((await file.bytes(PUBLISHED)).toString('utf8'));
  } catch (error) {
    if (error instanceof Fault) throw error;
    throw refused(`${PUBLISHED} is no JSON.`, error);
  }
  return planOf(PUBLISHED, keptDocuments(value), readPlan(value));
}

/** Puts the draft of the file in place of the one that there is. */
async function writeDraft(client: Queryable, plan: StoredPlan, accountId: number | null): Promise<void> {
  const { rows } = await client.query<{ key: string; version: number }>(
    'SELECT key, version FROM draft_document',
  );
  const versions = new Map(rows.map(({ key, version }) => [key, version]));
  const keys = new Set<string>(documentKeys(plan));
  for (const key of new Set([...keys, ...versions.keys()]) as Set<DocumentKey>)
    await writeDraftRow(client, {
      key,
      expected: versions.get(key) ?? 0,
      body: keys.has(key) ? documentOf(plan, key)! : null,
      accountId,
    });
}
