import { startTransition, useEffect, useState } from 'react';

/** How long it must be quiet, ms. */
const QUIET_MS = 150;

/**
 * A value that waits for a pause while the part of it that is typed changes, and follows all else at once. For
 * what takes time and is not what is being looked at.
 */
export function useSettled<T>(value: T, typed: string): T {
  const [settled, setSettled] = useState({ value, typed });
  useEffect(() => {
    if (value === settled.value) return undefined;
    const wait = typed === settled.typed ? 0 : QUIET_MS;
    const timer = setTimeout(() => startTransition(() => setSettled({ value, typed })), wait);
    return () => clearTimeout(timer);
  }, [value, typed, settled]);
  return settled.value;
}
