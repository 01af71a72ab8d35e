import { finished, Readable } from 'node:stream';
import type { PoolClient } from 'pg';
import { ZipFile } from 'yazl';
import { STORE_FILE, STORE_FORMAT, type StoreHead } from '../../core/wholeStore/storeFile.ts';
import type { Pool, Queryable } from '../db/pool.ts';
import { readDraftHouse } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import { countStore } from './countStore.ts';
import { DRAFT, HEAD, PUBLISHED, tableFile } from './fileNames.ts';
import { storeTables, type StoreTable } from './storeTables.ts';

/** Rows that are read at once. */
const BATCH = 1_000;
/** Each holds a connection for as long as it is fetched. */
const MOST_AT_ONCE = 2;
let under = 0;

/** What a query gives as lines, some at a time; one query at a time, since they are fetched one after the other. */
async function* linesOf(db: Queryable, sql: string): AsyncGenerator<string> {
  await db.query(`DECLARE exported CURSOR FOR ${sql}`);
  for (;;) {
    const { rows } = await db.query<{ line: string }>(`FETCH ${BATCH} FROM exported`);
    if (rows.length === 0) break;
    yield rows.map(({ line }) => `${line}\n`).join('');
  }
  await db.query('CLOSE exported');
}

/** The file of a row, by where it is in its table at this moment of the database. */
async function* bytesAt(db: Queryable, table: string, at: string): AsyncGenerator<Buffer> {
  const { rows } = await db.query<{ bytes: Buffer }>(`SELECT bytes FROM ${table} WHERE ctid = $1::tid`, [at]);
  yield rows[0]!.bytes;
}

const sqlOf = ({ table, columns, by }: StoreTable): string =>
  `SELECT row_to_json(r)::text AS line FROM (SELECT ${Object.keys(columns).join(', ')} FROM ${table} ORDER BY ${by}) r`;

async function headOf(db: Queryable, now: number): Promise<StoreHead> {
  const [{ counts }, { storeName }] = [await countStore(db), await readDraftHouse(db)];
  // A row that brings a file is a line and a file.
  const tables = storeTables.flatMap(({ table, brings }) => (brings ? [table, table] : [table]));
  const { rows } = await db.query<Pick<StoreHead, 'orders' | 'lines' | 'published'>>(
    `SELECT coalesce(sum(orders), 0)::int AS orders, EXISTS (SELECT FROM live) AS published,
       (${tables.map((table) => `(SELECT count(*) FROM ${table})`).join(' + ')})::int AS lines FROM order_count`,
  );
  return {
    kind: STORE_FILE,
    format: STORE_FORMAT,
    storeName,
    writtenAt: new Date(now).toISOString(),
    ...rows[0]!,
    counts,
  };
}

/**
 * The whole store as one ZIP, made as it is fetched, of one moment: what is arranged and published, goods, journal,
 * pictures, typefaces and what sold how well. Not in it are accounts, orders and messages, which are of people.
 */
export async function exportStore(pool: Pool, now: number): Promise<Readable> {
  if (under >= MOST_AT_ONCE) throw new Fault('too-busy');
  under += 1;
  let client: PoolClient | undefined;
  const end = () => {
    under -= 1;
    // What it was at is ended with it.
    client?.release(true);
  };
  try {
    client = await pool.connect();
    await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
    const file = await zipOf(client, now);
    finished(file, end);
    return file;
  } catch (error) {
    end();
    throw error;
  }
}

async function zipOf(db: Queryable, now: number): Promise<Readable> {
  const zip = new ZipFile();
  const mtime = new Date(now);
  const out = zip.outputStream as Readable;
  zip.on('error', (error: Error) => out.destroy(error));
  const add = (name: string, content: () => AsyncGenerator<string | Buffer>, compress = true) =>
    zip.addReadStreamLazy(name, { mtime, compress }, (give) =>
      give(
        null,
        Readable.from(content(), { objectMode: false }).on('error', (error) => out.destroy(error)),
      ),
    );
  zip.addBuffer(Buffer.from(JSON.stringify(await headOf(db, now), null, 2)), HEAD, { mtime });
  add(DRAFT, () =>
    linesOf(
      db,
      `SELECT json_build_object('key', key, 'body', body)::text AS line FROM draft_document WHERE body IS NOT NULL ORDER BY key`,
    ),
  );
  const { rows: live } = await db.query<{ plan: string }>(
    'SELECT plan::text FROM release JOIN live ON release_number = number',
  );
  if (live[0]) zip.addBuffer(Buffer.from(live[0].plan), PUBLISHED, { mtime });
  for (const table of storeTables) add(tableFile(table.id), () => linesOf(db, sqlOf(table)));
  for (const { table, columns, brings, by } of storeTables) {
    if (!brings) continue;
    const { rows } = await db.query<{ at: string } & Record<string, unknown>>(
      `SELECT ctid::text AS at, ${Object.keys(columns).join(', ')} FROM ${table} ORDER BY ${by}`,
    );
    for (const row of rows) add(brings.called(row), () => bytesAt(db, table, row.at), false);
  }
  zip.end();
  return out;
}
