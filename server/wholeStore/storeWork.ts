import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import { asFault } from '../faults.ts';
import { Stopped, type WorkKind, type Workshop } from '../work/workKind.ts';
import { bringIn } from './bringIn.ts';
import { openStoreFile } from './openStoreFile.ts';
import { partsOf, readStoreImport, type StoreImportRow } from './storeImportRows.ts';

/** Is told no oftener than after so many lines and files. */
const TOLD = 200;

/** The work that the file of a whole store makes: brought in, all of it or nothing. */
export class StoreWork implements WorkKind {
  readonly lock = 731_909;
  private readonly shop: Workshop;
  private readonly db: Pool;

  constructor(shop: Workshop) {
    this.shop = shop;
    this.db = shop.db;
  }

  async isAsked(): Promise<boolean> {
    const { rows } = await this.db.query(`SELECT FROM store_import WHERE state = 'writing'`);
    return rows.length > 0;
  }

  async work(): Promise<void> {
    const row = await readStoreImport(this.db);
    if (row?.state !== 'writing') return;
    try {
      await this.write(row);
    } catch (error) {
      if (error instanceof Stopped) return;
      const fault = asFault(error);
      // The database is away: the work is taken up again once it is back.
      if (fault.statusCode === 503) throw error;
      await this.end(this.db, row, 'failed', fault.message);
    }
  }

  async fail(why: string): Promise<void> {
    await this.db.query(
      `UPDATE store_import SET run = run + 1, fault = $1, state = 'failed' WHERE state = 'writing'`,
      [why],
    );
  }

  private async end(
    db: Queryable,
    { id, run }: StoreImportRow,
    state: 'written' | 'failed',
    fault: string | null = null,
  ): Promise<void> {
    const { rowCount } = await db.query(
      'UPDATE store_import SET state = $3, fault = $4 WHERE id = $1 AND run = $2',
      [id, run, state, fault],
    );
    if (rowCount === 0) throw new Stopped();
    // What it was made of is not needed any more.
    await db.query('DELETE FROM store_import_part WHERE import_id = $1', [id]);
  }

  private async write(row: StoreImportRow): Promise<void> {
    const { id, run, bytes, sent_by: accountId } = row;
    const file = await openStoreFile((start, end) => partsOf(this.db, id, start, end), bytes);
    try {
      await inTransaction(this.db, async (client) => {
        let [done, told] = [0, -TOLD];
        const onDone = async (more: number): Promise<void> => {
          done += more;
          if (done - told < TOLD) return;
          told = done;
          const { rowCount } = await this.db.query(
            'UPDATE store_import SET done = $3 WHERE id = $1 AND run = $2',
            [id, run, done],
          );
          if (this.shop.isStopping() || rowCount === 0) throw new Stopped();
        };
        await bringIn(client, file, { accountId, now: this.shop.clock(), onDone });
        await this.end(client, row, 'written');
      });
    } finally {
      file.close();
    }
  }
}
