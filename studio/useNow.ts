import { useSyncExternalStore } from 'react';

/** What goes by the time of day, such as "new", may be this late, ms. */
const TURN_MS = 60_000;

let now = Date.now();
const listeners = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | undefined;

function subscribe(listener: () => void): () => void {
  if (listeners.size === 0) now = Date.now();
  listeners.add(listener);
  timer ??= setInterval(() => {
    now = Date.now();
    for (const one of listeners) one();
  }, TURN_MS);
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearInterval(timer);
    timer = undefined;
  };
}

/** The time in ms since 1970, the same for everybody who asks within a minute. */
export const useNow = (): number => useSyncExternalStore(subscribe, () => now);
