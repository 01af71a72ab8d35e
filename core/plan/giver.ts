/**
 * The last of those that each lead to the next: what is asked for itself where it leads nowhere, or round in a circle.
 * @param next null where one leads no further
 */
export function lastOf<T>(first: T, next: (at: T) => T | null, keyOf: (one: T) => string): T {
  const met = new Set<string>();
  let at = first;
  while (!met.has(keyOf(at))) {
    met.add(keyOf(at));
    const further = next(at);
    if (further === null) return at;
    at = further;
  }
  return first;
}

/**
 * Makes what is stored with all but its own from a giver; the very same while both are.
 * @param isOwn whether it has what is under a key to itself
 */
export function fromGiver<T extends object>(isOwn: (key: string) => boolean) {
  const pick = (from: T, own: boolean) =>
    Object.fromEntries(Object.entries(from).filter(([key]) => isOwn(key) === own));
  const known = new WeakMap<T, { giver: T; made: T }>();
  return (giver: T, stored: T): T => {
    let found = known.get(stored);
    if (found?.giver !== giver) {
      const made = { ...pick(giver, false), ...pick(stored, true) } as T;
      known.set(stored, (found = { giver, made }));
    }
    return found.made;
  };
}
