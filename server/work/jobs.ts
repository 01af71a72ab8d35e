import { setTimeout as wait } from 'node:timers/promises';
import type { Pool } from '../db/pool.ts';
import type { WorkKind, Workshop } from './workKind.ts';
import { workKinds } from './workKinds.ts';

const AGAIN_MS = 1_000;

/** Does all long work that there is to be done, one thing at a time. */
export class Jobs {
  private readonly db: Pool;
  private readonly kinds: readonly WorkKind[];
  private turn: Promise<void> = Promise.resolve();
  private stopping = false;

  constructor(db: Pool, clock: () => number) {
    this.db = db;
    const shop: Workshop = { db, clock, isStopping: () => this.stopping };
    this.kinds = workKinds(shop);
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
      const isDone = await this.all().catch(() => false);
      if (isDone) return;
      if (!this.stopping) await wait(AGAIN_MS);
    }
  }

  /** Does all that there is to be done; false where it has to be tried again. */
  private async all(): Promise<boolean> {
    for (const kind of this.kinds)
      while (!this.stopping && (await kind.isAsked())) if (!(await this.one(kind))) return false;
    return true;
  }

  /** False where another process is at it. */
  private async one(kind: WorkKind): Promise<boolean> {
    const client = await this.db.connect();
    try {
      const { rows } = await client.query<{ is: boolean }>('SELECT pg_try_advisory_lock($1) AS is', [
        kind.lock,
      ]);
      if (!rows[0]!.is) return false;
      try {
        await kind.work();
      } finally {
        await client.query('SELECT pg_advisory_unlock($1)', [kind.lock]);
      }
    } finally {
      client.release();
    }
    return true;
  }
}
