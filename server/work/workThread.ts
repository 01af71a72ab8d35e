import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import type { Pool } from '../db/pool.ts';
import type { WorkKind } from './workKind.ts';
import { workKinds } from './workKinds.ts';

/** What the thread begins with. */
export interface ThreadData {
  databaseUrl: string;
  /** By how much the clock of the server is ahead of that of the machine, ms. */
  aheadMs: number;
}

/** What the thread is asked: to do what there is to be done, to say its number back once that is so, or to end. */
export type ToThread = 'go' | 'stop' | number;

/** A thread that has nothing to do for so long ends, and gives its memory back. */
const RESTS_MS = 30_000;
/** What is read is dropped soon, once it is looked at. */
const MOST_MB = 192;

const TOO_LARGE = 'This took more memory than there is, so it was ended. Send the file in parts.';

/**
 * Long work in a thread of its own, so that pages are answered meanwhile. The thread is there while there is something to
 * be done.
 */
export class WorkThread {
  private readonly databaseUrl: string;
  private readonly clock: () => number;
  private readonly mostMb: number;
  private readonly kinds: readonly WorkKind[];
  private worker: Worker | null = null;
  /** Asked for, one after the other. */
  private turn: Promise<void> = Promise.resolve();
  private numbers = 0;
  private failing: Promise<void> = Promise.resolve();
  private rest: NodeJS.Timeout | undefined;
  private stopping = false;

  /** @param mostMb memory of the thread for long-lived objects */
  constructor(db: Pool, databaseUrl: string, clock: () => number, mostMb = MOST_MB) {
    this.databaseUrl = databaseUrl;
    this.clock = clock;
    this.mostMb = mostMb;
    this.kinds = workKinds({ db, clock, isStopping: () => this.stopping });
  }

  /** Does what there is to be done, after what is being done. */
  go(): void {
    this.turn = this.turn.then(() => this.begin());
  }

  /** Once all is done that was asked for by now. */
  async idle(): Promise<void> {
    await this.turn;
    const { worker } = this;
    if (!worker) return;
    const number = this.ask(worker);
    await new Promise<void>((resolve) => {
      const heard = (said: number) => {
        if (said !== number) return;
        worker.off('message', heard).off('exit', gone);
        resolve();
      };
      const gone = () => resolve();
      worker.on('message', heard).on('exit', gone);
    });
    await this.failing;
  }

  /** Asks for a number back, once all is done that was asked before. */
  private ask(worker: Worker): number {
    this.numbers += 1;
    worker.postMessage(this.numbers satisfies ToThread);
    return this.numbers;
  }

  async stop(): Promise<void> {
    this.stopping = true;
    await this.turn;
    await this.end();
  }

  private async begin(): Promise<void> {
    if (this.stopping || !(await this.mayBeBusy())) return;
    clearTimeout(this.rest);
    this.worker ??= this.start();
    this.worker.postMessage('go' satisfies ToThread);
    this.ask(this.worker);
  }

  /** Where the database is away nobody knows: the thread waits for it. */
  private async mayBeBusy(): Promise<boolean> {
    try {
      for (const kind of this.kinds) if (await kind.isAsked()) return true;
      return false;
    } catch {
      return true;
    }
  }

  private start(): Worker {
    const data: ThreadData = { databaseUrl: this.databaseUrl, aheadMs: this.clock() - Date.now() };
    const worker = new Worker(new URL('./worker.mjs', import.meta.url), {
      workerData: data,
      execArgv: [],
      resourceLimits: { maxOldGenerationSizeMb: this.mostMb },
    });
    worker.on('message', () => {
      clearTimeout(this.rest);
      this.rest = setTimeout(() => void this.end(), RESTS_MS).unref();
    });
    worker.on('error', (error) => {
      this.failing = this.failed(error);
    });
    worker.on('exit', () => {
      if (this.worker === worker) this.worker = null;
    });
    return worker;
  }

  /** What a thread that broke was at is not tried again and again. */
  private async failed(error: Error): Promise<void> {
    const isLarge = (error as { code?: unknown }).code === 'ERR_WORKER_OUT_OF_MEMORY';
    for (const kind of this.kinds)
      await kind.fail(isLarge ? TOO_LARGE : error.message).catch(() => undefined);
  }

  private async end(): Promise<void> {
    clearTimeout(this.rest);
    const { worker } = this;
    if (!worker) return;
    this.worker = null;
    const gone = once(worker, 'exit');
    worker.postMessage('stop' satisfies ToThread);
    await gone;
  }
}
