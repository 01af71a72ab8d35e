import type { KeptDocument } from '../../../core/plan/reading.ts';

/** Work that is not on the server, with what it was made on, so that it can be merged whenever it turns up. */
export interface UnsentDocument extends KeptDocument {
  version: number;
  was: unknown;
}

/** Unsent work of one window, as a browser keeps it. */
export interface UnsentWork {
  /** E-mail of the account that did it. */
  account: string;
  window: string;
  /** When it was last changed, in ms since 1970. */
  at: number;
  documents: UnsentDocument[];
}
