import type { Windows } from './windows.ts';

/** Storage that lasts as long as the page, where the browser's settings allow none. */
function pageStorage(): Windows['session'] {
  const all = new Map<string, string>();
  return { getItem: (key) => all.get(key) ?? null, setItem: (key, value) => void all.set(key, value) };
}

const allowed = (storage: 'sessionStorage' | 'localStorage'): Storage | undefined => {
  try {
    return window[storage];
  } catch {
    return undefined;
  }
};

/** What this browser has of what keeping needs. */
export const thisBrowser = (): { windows: Windows; earlier: Storage | undefined; clock: () => number } => ({
  windows: { locks: navigator.locks, session: allowed('sessionStorage') ?? pageStorage() },
  earlier: allowed('localStorage'),
  clock: Date.now,
});
