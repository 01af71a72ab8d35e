const MINE = 'wide-shelf-window';

/** What of a browser tells its windows apart. Locks are missing where the address is neither https nor this machine. */
export interface Windows {
  locks: Pick<LockManager, 'request' | 'query'> | undefined;
  /** Outlives a reload, not the window. */
  session: Pick<Storage, 'getItem' | 'setItem'>;
}

const lockOf = (account: string, window: string) => `wide-shelf ${account} ${window}`;

const newWindow = () => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`;

/** Holds a lock until the window ends or `leave` is called; null where another window holds it. */
function hold(locks: NonNullable<Windows['locks']>, name: string): Promise<(() => void) | null> {
  return new Promise((resolve, reject) => {
    locks
      .request(name, { ifAvailable: true }, (lock) => {
        if (!lock) return resolve(null);
        return new Promise<void>((leave) => resolve(leave));
      })
      .catch(reject);
  });
}

/**
 * Which window this is, the same after a reload, held with a lock while it lives. A window that was duplicated
 * brings the name of the one that still lives and gets a new one.
 */
export async function takeWindow(
  account: string,
  { locks, session }: Windows,
): Promise<{ window: string; leave(): void }> {
  const known = session.getItem(MINE);
  for (const window of [known, newWindow()]) {
    if (!window) continue;
    // A browser that has no locks to give is as one without.
    const leave = locks
      ? await hold(locks, lockOf(account, window)).catch(() => () => undefined)
      : () => undefined;
    if (!leave) continue;
    try {
      session.setItem(MINE, window);
    } catch {
      // Without room for its name it is another window after a reload, and offered its own work.
    }
    return { window, leave };
  }
  throw new Error('This window could not be told from the others.');
}

/** Whether a window of this account still lives; without locks nobody knows, and none is taken to. */
export async function livingWindows(
  account: string,
  { locks }: Windows,
): Promise<(window: string) => boolean> {
  const state = await locks?.query().catch(() => undefined);
  const held = new Set((state?.held ?? []).map(({ name }) => name));
  return (window) => held.has(lockOf(account, window));
}
