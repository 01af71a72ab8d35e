import type { Pool } from '../db/pool.ts';

/** Work that ends since something else was asked of it meanwhile, or since the server stops. */
export class Stopped extends Error {}

/** Where work is done. */
export interface Workshop {
  db: Pool;
  clock(): number;
  /** What is being done has to end soon. */
  isStopping(): boolean;
}

/**
 * A kind of long work. What is to be done and how far it is stand in the database: a server that starts goes on with
 * what another did not end.
 */
export interface WorkKind {
  /** Held while a process is at it, so that no other is. */
  lock: number;
  isAsked(): Promise<boolean>;
  /** Does what is asked. What is wrong with that is noted with it; throws where it has to be tried again. */
  work(): Promise<void>;
  /** Ends what is asked, since it cannot be done. */
  fail(why: string): Promise<void>;
}
