import { useSyncExternalStore } from 'react';

/** Up to this width of the window there is no room for everything side by side. */
export const NARROW_PX = 1_000;
const query = `(max-width: ${NARROW_PX}px)`;

function subscribe(changed: () => void): () => void {
  const media = window.matchMedia?.(query);
  media?.addEventListener('change', changed);
  return () => media?.removeEventListener('change', changed);
}

/** Whether the window is too narrow for everything side by side. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(subscribe, () => window.matchMedia?.(query).matches ?? false);
