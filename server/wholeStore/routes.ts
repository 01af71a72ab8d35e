import {
  beginStore,
  exportStore as exportContract,
  readWholeStore,
  sendStorePart,
  stopStore,
  writeStore,
  type WholeStore,
} from '../../core/api/wholeStore.ts';
import type { StoreImport } from '../../core/wholeStore/storeFile.ts';
import type { Api } from '../api.ts';
import type { Pool, Queryable } from '../db/pool.ts';
import { asFault, Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { countStore } from './countStore.ts';
import { exportStore } from './exportStore.ts';
import { openStoreFile } from './openStoreFile.ts';
import {
  beginStoreImport,
  keepStorePart,
  partsOf,
  readStoreImport,
  type StoreImportRow,
} from './storeImportRows.ts';

const told = ({
  file_name: fileName,
  state: is,
  sent_at: _,
  sent_by: __,
  run: ___,
  ...row
}: StoreImportRow): StoreImport => ({
  fileName,
  is,
  ...row,
});

/** For so long a store that was brought in is told of. */
const TOLD_MS = 3_600_000;

async function answerOf(db: Queryable, now: number): Promise<WholeStore> {
  const [there, row] = await Promise.all([countStore(db), readStoreImport(db)]);
  const isOver = row?.state === 'written' && now - row.sent_at.getTime() > TOLD_MS;
  return { ...there, import: row && !isOver ? told(row) : null };
}

/** Opens a file that is all here, and keeps what it begins with, or why it cannot be brought in. */
async function look(db: Pool, { id, bytes }: StoreImportRow): Promise<void> {
  const set = (state: StoreImport['is'], head: object | null, fault: string | null) =>
    db.query(
      `UPDATE store_import SET state = $2, head = $3, fault = $4 WHERE id = $1 AND state = 'arriving'`,
      [id, state, head && JSON.stringify(head), fault],
    );
  try {
    const file = await openStoreFile((start, end) => partsOf(db, id, start, end), bytes);
    file.close();
    await set('arrived', file.head, null);
  } catch (error) {
    const fault = asFault(error);
    if (fault.code !== 'store-faulty') throw error;
    await set('failed', null, fault.message);
    await db.query('DELETE FROM store_import_part WHERE import_id = $1', [id]);
  }
}

/** A whole store, out into a file and in from one. */
export function wholeStoreRoutes(api: Api, { db, readDb, clock, work }: Parts): void {
  const day = () => new Date(clock()).toISOString().slice(0, 10);

  api.answer(exportContract, async ({ reply }) =>
    reply
      .type('application/zip')
      .header('content-disposition', `attachment; filename="store-${day()}.zip"`)
      .send(await exportStore(readDb, clock())),
  );
  api.answer(readWholeStore, () => answerOf(db, clock()));
  api.answer(beginStore, async ({ body: { name, bytes }, session: { account } }) => {
    await beginStoreImport(db, {
      fileName: name.replaceAll('\0', ''),
      bytes,
      accountId: account.id,
      now: clock(),
    });
    return answerOf(db, clock());
  });
  api.answer(sendStorePart, async ({ file, query: { id, part } }) => {
    if (await keepStorePart(db, id, part, file)) {
      const row = await readStoreImport(db);
      if (row?.id === id) await look(db, row);
    }
    return answerOf(db, clock());
  });
  api.answer(writeStore, async ({ body: { id } }) => {
    const { rowCount } = await db.query(
      `UPDATE store_import SET state = 'writing', run = run + 1, done = 0, fault = NULL WHERE id = $1 AND state = 'arrived'`,
      [id],
    );
    if (rowCount === 0) throw new Fault('import-gone');
    work.go();
    return answerOf(db, clock());
  });
  api.answer(stopStore, async ({ body: { id } }) => {
    // One that is written is told of until another is begun.
    await db.query(`DELETE FROM store_import WHERE id = $1 AND state <> 'written'`, [id]);
    return answerOf(db, clock());
  });
}
