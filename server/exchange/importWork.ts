import type { PoolClient } from 'pg';
import { isBusy, type Found, type ImportIs } from '../../core/exchange/importState.ts';
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
import { Stopped, type WorkKind, type Workshop } from '../work/workKind.ts';

type BusyRow = ImportRow & { state: keyof typeof ENDS };
const isBusyRow = (row: ImportRow): row is BusyRow => isBusy(row.state);

/** What work that failed or was stopped leaves a file as. */
export const ENDS = { comparing: 'failed', writing: 'compared', undoing: 'written' } as const;

/** The database looks anew at how much there is of everything whenever it is so many times more. */
const MORE = 3;

const CHANGED_SINCE =
  'The catalogue was changed since this was shown, so nothing was written. Look at what would happen now, then import.';

/** The work that files of products make: compared, written, undone, one at a time. */
export class ImportWork implements WorkKind {
  readonly lock = 731_908;
  private readonly shop: Workshop;
  private readonly db: Pool;

  constructor(shop: Workshop) {
    this.shop = shop;
    this.db = shop.db;
  }

  async isAsked(): Promise<boolean> {
    const { rows } = await this.db.query<{ state: ImportIs }>(
      'SELECT state FROM goods_import ORDER BY id DESC LIMIT 1',
    );
    return rows[0] !== undefined && isBusy(rows[0].state);
  }

  async work(): Promise<void> {
    const row = await readImportRow(this.db);
    if (row && isBusyRow(row)) await this.one(row);
  }

  async fail(why: string): Promise<void> {
    await this.db.query(
      `UPDATE goods_import SET run = run + 1, fault = $2, state = $1::jsonb->>state WHERE state IN (SELECT jsonb_object_keys($1))`,
      [JSON.stringify(ENDS), why],
    );
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
    if (this.shop.isStopping() || rowCount === 0) throw new Stopped();
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
    const reading = await readingOf(this.db, row);
    const lookup = new Lookup(await readNamed(this.db, reading), reading.makes);
    const tally = new Tally(row.columns.length);
    for await (const { outcomes, rows: done } of compareFile(this.db, reading, {
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
      const reading = await readingOf(this.db, row);
      const lookup = new Lookup(await readNamed(client, reading), reading.makes);
      const tally = new Tally(row.columns.length);
      const writing = new Writing(client, { importId: row.id, now: this.shop.clock(), lookup });
      const { rows: tags } = await client.query<{ last: number }>(
        'SELECT coalesce(max(number), 0) AS last FROM tag',
      );
      await writing.makeFields();
      let looked = 0;
      for await (const { outcomes, rows: done } of compareFile(client, reading, {
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
      await writing.noteTags(tags[0]!.last);
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
      new Date(this.shop.clock()),
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
