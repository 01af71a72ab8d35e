import { createStore, type StoreApi } from 'zustand/vanilla';
import { openKeptDatabase, type KeptDatabase } from './database.ts';
import type { UnsentDocument, UnsentWork } from './unsent.ts';
import { livingWindows, takeWindow, type Windows } from './windows.ts';

/** Why this browser keeps nothing just now. */
export type KeepFault = 'full' | 'blocked' | 'unavailable';

/** Where unsent work is kept while it has not reached the server. Never throws: what fails is told in `fault`. */
export interface Keep {
  fault: StoreApi<KeepFault | null>;
  /** What this window kept before it was loaded again. */
  own: UnsentDocument[];
  /** Work of windows of the same account that are gone. */
  left: UnsentWork[];
  /** Keeps this in place of what was kept before; nothing at all removes it. The newest is written last. */
  write(documents: UnsentDocument[]): Promise<void>;
  /** Removes work that was taken up or discarded. */
  remove(window: string): Promise<void>;
  /** Leaves this window's work, which cannot be read, as work of a window that is gone. */
  setAside(): Promise<void>;
  /** This window is no longer this account's. */
  close(): Promise<void>;
}

/** Earlier versions kept the work of all windows here, and of all accounts. */
const BEFORE = 'wide-shelf-unsent';

const faultOf = (error: unknown): KeepFault =>
  (error as Error | null)?.name === 'QuotaExceededError' ? 'full' : 'unavailable';

/** Moves what an earlier version kept to where it is kept now, as work of a window that is gone. */
async function moveEarlier(database: KeptDatabase, account: string, earlier: Storage | undefined) {
  const text = earlier?.getItem(BEFORE);
  if (!text) return;
  try {
    const { documents } = JSON.parse(text) as { documents: UnsentDocument[] };
    if (Array.isArray(documents) && documents.length)
      await database.put('unsent', { account, window: 'before', at: Date.now(), documents });
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
  }
  earlier!.removeItem(BEFORE);
}

/** The studio waits no longer than this for what a browser has kept. */
const LONGEST_WAIT_MS = 3_000;

interface KeepOptions {
  windows: Windows;
  /** Where earlier versions kept work. */
  earlier?: Storage | undefined;
  /** UTC ms. */
  clock: () => number;
  longestWaitMs?: number;
}

/** Opens what this browser keeps for an account, and takes this window's place in it. */
export async function openKeep(
  account: string,
  { windows, earlier, clock, longestWaitMs = LONGEST_WAIT_MS }: KeepOptions,
): Promise<Keep> {
  const fault = createStore<KeepFault | null>(() => null);
  const say = (next: KeepFault | null) => fault.getState() !== next && fault.setState(next, true);
  const { window, leave } = await takeWindow(account, windows);
  /** What this window's work is kept under. */
  let place = window;
  let database: KeptDatabase | null = null;
  let next: UnsentDocument[] | undefined;
  let writing: Promise<void> | null = null;

  const opening = openKeptDatabase(
    () => say('blocked'),
    () => {
      database = null;
      say('blocked');
    },
  );

  const flush = async () => {
    for (let documents = next; documents && database; documents = next) {
      next = undefined;
      try {
        await (documents.length
          ? database.put('unsent', { account, window: place, at: clock(), documents })
          : database.delete('unsent', [account, place]));
        say(null);
      } catch (error) {
        say(faultOf(error));
      }
    }
  };
  const write = (documents: UnsentDocument[]): Promise<void> => {
    next = documents;
    writing ??= flush().finally(() => (writing = null));
    return writing;
  };

  const read = async (): Promise<Pick<Keep, 'own' | 'left'>> => {
    database = await opening;
    say(null);
    if (next) void write(next);
    await moveEarlier(database, account, earlier);
    const lives = await livingWindows(account, windows);
    const all = await database.getAll('unsent', IDBKeyRange.bound([account], [account, []]));
    return {
      own: all.find((work) => work.window === window)?.documents ?? [],
      left: all.filter((work) => work.window !== window && !lives(work.window)).sort((a, b) => a.at - b.at),
    };
  };
  /** A browser that waits for another window, or refuses, must not keep the studio from opening. */
  const kept = await Promise.race([
    read().catch((error: unknown) => {
      say(faultOf(error));
      return null;
    }),
    new Promise<null>((resolve) => setTimeout(() => resolve(null), longestWaitMs)),
  ]);
  if (!kept) {
    // What this window kept before was not seen, and so must not be written over: it is offered another time.
    place = `${window}-${clock().toString(36)}`;
    if (fault.getState() === null) say('unavailable');
  }
  const { own, left } = kept ?? { own: [], left: [] };
  const tried = (task: Promise<unknown> | undefined): Promise<unknown> =>
    (task ?? Promise.resolve()).catch((error: unknown) => say(faultOf(error)));
  return {
    fault,
    own,
    left,
    write,
    async remove(gone) {
      await tried(database?.delete('unsent', [account, gone]));
    },
    async setAside() {
      const aside: UnsentWork = { account, window: `${window}-aside`, at: clock(), documents: own };
      left.push(aside);
      await tried(database?.put('unsent', aside));
      await tried(database?.delete('unsent', [account, window]));
    },
    async close() {
      await writing;
      leave();
      database?.close();
      database = null;
    },
  };
}
