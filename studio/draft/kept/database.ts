import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { UnsentWork } from './unsent.ts';

interface Schema extends DBSchema {
  unsent: { key: [account: string, window: string]; value: UnsentWork };
}

export type KeptDatabase = IDBPDatabase<Schema>;

const NAME = 'wide-shelf';
/** A change of how work is kept in a browser is a new version, with its step in `upgrade`. */
const VERSION = 1;

/**
 * Opens where this browser keeps unsent work. Rejects where the browser keeps nothing (settings, private mode).
 * @param onBlocked another window holds an older version open; opening goes on once that is closed
 * @param onClosed the browser closed it, or a newer Wide Shelf asked for it
 */
export async function openKeptDatabase(onBlocked: () => void, onClosed: () => void): Promise<KeptDatabase> {
  const opening = openDB<Schema>(NAME, VERSION, {
    upgrade(database) {
      database.createObjectStore('unsent', { keyPath: ['account', 'window'] });
    },
    blocked: onBlocked,
    // A newer version waits for this one: let it go on.
    blocking() {
      onClosed();
      void opening.then((database) => database.close());
    },
    terminated: onClosed,
  });
  return opening;
}
