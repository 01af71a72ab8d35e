import { setTimeout as wait } from 'node:timers/promises';
import type { PoolClient } from 'pg';
import { isBusy, type Found } from '../../core/exchange/importState.ts';
import { Lookup } from '../../core/exchange/lookup.ts';
import { keptMatching } from '../../core/exchange/matching.ts';
import { inTransaction, type Pool } from '../db/pool.ts';
import { asFault, Fault } from '../faults.ts';
import { SLUG_LOCK } from '../goods/addGoods.ts';
import { compareFile, Tally } from './compareFile.ts';
import { keepFormer, readImportRow, readNamed, type ImportRow } from './importRows.ts';
import { readingOf } from './reading.ts';
import { undoWritten } from './undoImport.ts';
import { Writing } from './writeOutcomes.ts';

/** Work on a file that ends since something else was asked of it meanwhile, or since the server stops. */
class Stopped extends Error {}

type BusyRow = ImportRow & { state: keyof typeof ENDS };
const isBusyRow = (row: ImportRow): row is BusyRow => isBusy(row.state);

/** Held while a process works on files, so that no other does. */
const WORK_LOCK = 731_908;
const AGAIN_MS = 1_000;

/** What work that failed or was stopped leaves a file as. */
export const ENDS = { comparing: 'failed', writing: 'compared', undoing: 'written' } as const;

/** The database looks anew at how much there is of everything whenever it is so many times more. */
const MORE = 3;

const CHANGED_SINCE =
  'The catalogue was changed since this was shown, so nothing was written. Look at what would happen now, then import.';

/**
 * The work that files of products make: compared, written, undone, one at a time. What is to be done is in the database:
 * a server that starts goes on with what another did not end.
 */
export class ImportJobs {
  private readonly db: Pool;
  private readonly clock: () => number;
  private turn: Promise<void> = Promise.resolve();
  private stopping = false;

  constructor(db: Pool, clock: () => number) {
    this.db = db;
    this.clock = clock;
  }

  /** Does what there is to be done, after what is being done. */
  go(): void {
    this.turn = this.turn.then(() => this.work());
  }

  /** Once all is done that was asked for by now. */
  async idle(): Promise<void> {
    await this.turn;
  }

  async stop(): Promise<void> {
    this.stopping = true;
    await this.turn;
  }

  private async work(): Promise<void> {
    while (!this.stopping) {
      const isDone = await this.next().catch(() => false);
      if (isDone) return;
      if (!this.stopping) await wait(AGAIN_MS);
    }
  }

  /** Does all that there is to be done; false where it has to be tried again. */
  private async next(): Promise<boolean> {
    const row = await readImportRow(this.db);
    if (!row || !isBusyRow(row)) return true;
    const client = await this.db.connect();
    try {
      const { rows } = await client.query<{ is: boolean }>('SELECT pg_try_advisory_lock($1) AS is', [
        WORK_LOCK,
      ]);
      // Another process is at it.
      if (!rows[0]!.is) return false;
      try {
        await this.one(row);
      } finally {
        await client.query('SELECT pg_advisory_unlock($1)', [WORK_LOCK]);
      }
    } finally {
      client.release();
    }
    return this.stopping || this.next();
  }

  private async one(row: BusyRow): Promise<void> {
    try {
      if (row.state === 'comparing') await this.compare(row);
      else if (row.state === 'writing') await this.write(row);
      else await this.undo(row);
    } catch (error) {
      if (error instanceof Stopped) return;
      const fault = asFault(error);
      // The database is away: the work is taken up again once it is back.
      if (fault.statusCode === 503) throw error;
      await this.set(row, { state: ENDS[row.state], fault: fault.message });
    }
  }

  /** Says how far it is. Throws where it is not wanted any more. */
  private readonly progress = async ({ id, run }: ImportRow, rows: number): Promise<void> => {
    const { rowCount } = await this.db.query(
      'UPDATE goods_import SET rows_read = $3 WHERE id = $1 AND run = $2',
      [id, run, rows],
    );
    if (this.stopping || rowCount === 0) throw new Stopped();
  };

  private async set(
    { id, run }: ImportRow,
    { state, fault = null, found }: { state: ImportRow['state']; fault?: string | null; found?: Found },
    db: Pick<Pool, 'query'> = this.db,
  ): Promise<void> {
    const { rowCount } = await db.query(
      `UPDATE goods_import SET state = $3, fault = $4, found = coalesce($5, found) WHERE id = $1 AND run = $2`,
      [id, run, state, fault, found ? JSON.stringify(found) : null],
    );
    if (rowCount === 0) throw new Stopped();
  }

  private async compare(row: ImportRow): Promise<void> {
    const lookup = new Lookup(await readNamed(this.db));
    const tally = new Tally(row.columns.length);
    for await (const { outcomes, rows: done } of compareFile(this.db, await readingOf(this.db, row), {
      lookup,
      onRow: tally.row,
    })) {
      outcomes.forEach((one) => tally.add(one));
      await this.progress(row, done);
    }
    await this.set(row, { state: 'compared', found: await tally.found(this.db, lookup) });
  }

  private async write(row: ImportRow): Promise<void> {
    await inTransaction(this.db, async (client) => {
      await client.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
      const lookup = new Lookup(await readNamed(client));
      const tally = new Tally(row.columns.length);
      const writing = new Writing(client, { importId: row.id, now: this.clock(), lookup });
      let looked = 0;
      for await (const { outcomes, rows: done } of compareFile(client, await readingOf(this.db, row), {
        lookup,
        locked: true,
        onRow: tally.row,
      })) {
        outcomes.forEach((one) => tally.add(one));
        await writing.write(outcomes);
        if (done > looked * MORE) {
          looked = done;
          await client.query(
            'ANALYZE product, product_text, product_category, product_tag, product_search, variant',
          );
        }
        await this.progress(row, done);
      }
      const found = await tally.found(client, lookup);
      const seen = row.found!.counts;
      if (found.counts.new !== seen.new || found.counts.changed !== seen.changed)
        throw new Fault('conflict', { message: CHANGED_SINCE });
      await this.end(client, row, writing);
    });
  }

  private async end(client: PoolClient, row: ImportRow, { made }: Writing): Promise<void> {
    await this.set(row, { state: 'written' }, client);
    await client.query('UPDATE goods_import SET made = $2, written_at = $3 WHERE id = $1', [
      row.id,
      JSON.stringify(made),
      new Date(this.clock()),
    ]);
    await keepFormer(client, keptMatching(row.columns, row.settings.matching));
    await client.query('DELETE FROM goods_import WHERE id <> $1', [row.id]);
  }

  private async undo(row: ImportRow): Promise<void> {
    await inTransaction(this.db, async (client) => {
      const left = await undoWritten(client, row.id, row.made, (done) => this.progress(row, done));
      await client.query('DELETE FROM goods_import_change WHERE import_id = $1', [row.id]);
      await client.query('UPDATE goods_import SET left_over = $2 WHERE id = $1', [
        row.id,
        JSON.stringify(left),
      ]);
      await this.set(row, { state: 'undone' }, client);
    });
  }
}
