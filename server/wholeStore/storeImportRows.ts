import { Readable } from 'node:stream';
import { STORE_PART_BYTES, type StoreHead, type StoreImport } from '../../core/wholeStore/storeFile.ts';
import type { Pool, Queryable } from '../db/pool.ts';
import { inTransaction } from '../db/pool.ts';
import { Fault } from '../faults.ts';

/** The file of a whole store as it is kept. */
export interface StoreImportRow {
  id: number;
  file_name: string;
  bytes: number;
  sent_at: Date;
  sent_by: number | null;
  state: StoreImport['is'];
  run: number;
  head: StoreHead | null;
  done: number;
  fault: string | null;
  arrived: number;
}

/** The last file that was begun to be sent; null where there is none. */
export async function readStoreImport(db: Queryable): Promise<StoreImportRow | null> {
  const { rows } = await db.query<StoreImportRow>(
    `SELECT id, file_name, bytes::float8 AS bytes, sent_at, sent_by, state, run, head, done, fault,
       (SELECT coalesce(sum(octet_length(p.bytes)), 0)::float8 FROM store_import_part p WHERE p.import_id = i.id) AS arrived
     FROM store_import i ORDER BY id DESC LIMIT 1`,
  );
  return rows[0] ?? null;
}

/** Begins a file in place of the one before. */
export const beginStoreImport = (
  pool: Pool,
  { fileName, bytes, accountId, now }: { fileName: string; bytes: number; accountId: number; now: number },
): Promise<void> =>
  inTransaction(pool, async (client) => {
    const { rows } = await client.query<{ state: StoreImport['is'] }>(
      'SELECT state FROM store_import FOR UPDATE',
    );
    if (rows.some(({ state }) => state === 'writing')) throw new Fault('import-busy');
    await client.query('DELETE FROM store_import');
    await client.query(
      `INSERT INTO store_import (file_name, bytes, sent_at, sent_by, state) VALUES ($1, $2, $3, $4, 'arriving')`,
      [fileName, bytes, new Date(now), accountId],
    );
  });

/** Keeps a part; the same one again, since its answer was lost, changes nothing. Returns whether all of them are here. */
export const keepStorePart = (pool: Pool, id: number, part: number, bytes: Buffer): Promise<boolean> =>
  inTransaction(pool, async (client) => {
    const { rows } = await client.query<{ bytes: number; state: StoreImport['is'] }>(
      'SELECT bytes::float8 AS bytes, state FROM store_import WHERE id = $1 FOR UPDATE',
      [id],
    );
    const [row] = rows;
    if (!row) throw new Fault('import-gone');
    if (row.state !== 'arriving') throw new Fault('import-busy');
    const from = part * STORE_PART_BYTES;
    if (from >= row.bytes || bytes.length !== Math.min(STORE_PART_BYTES, row.bytes - from))
      throw new Fault('bad-request', {
        message: 'This is no part of the file that was begun. Send it again.',
      });
    await client.query(
      'INSERT INTO store_import_part (import_id, part, bytes) VALUES ($1, $2, $3) ON CONFLICT DO NOTHING',
      [id, part, bytes],
    );
    const kept = await client.query<{ all: boolean }>(
      'SELECT count(*) = ceil($2 / $3::float8) AS all FROM store_import_part WHERE import_id = $1',
      [id, row.bytes, STORE_PART_BYTES],
    );
    return kept.rows[0]!.all;
  });

/** The bytes of a kept file from a place on until before another. */
export function partsOf(db: Queryable, id: number, start: number, end: number): Readable {
  async function* bytes(): AsyncGenerator<Buffer> {
    for (let at = start; at < end;) {
      const part = Math.floor(at / STORE_PART_BYTES);
      const within = at - part * STORE_PART_BYTES;
      const many = Math.min(end - at, STORE_PART_BYTES - within);
      const { rows } = await db.query<{ bytes: Buffer }>(
        'SELECT substring(bytes FROM $3 FOR $4) AS bytes FROM store_import_part WHERE import_id = $1 AND part = $2',
        [id, part, within + 1, many],
      );
      if (!rows[0]) throw new Fault('import-gone');
      yield rows[0].bytes;
      at += many;
    }
  }
  return Readable.from(bytes(), { objectMode: false });
}
