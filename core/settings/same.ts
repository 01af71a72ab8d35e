type Loose = Readonly<Record<string, unknown>>;

/** The same values, in whatever order keys are; a key that is undefined is not there. */
export function same(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  if (Array.isArray(a)) {
    const other = b as readonly unknown[];
    return a.length === other.length && a.every((one, i) => same(one, other[i]));
  }
  const [x, y] = [a as Loose, b as Loose];
  const keys = Object.keys(x).filter((key) => x[key] !== undefined);
  return (
    keys.length === Object.keys(y).filter((key) => y[key] !== undefined).length &&
    keys.every((key) => Object.hasOwn(y, key) && same(x[key], y[key]))
  );
}

/** The one of these that equals a value, else the value itself: what is kept by an object is then made once. */
export function oneOfEqual<T>(known: Iterable<T>, value: T): T {
  for (const one of known) if (same(one, value)) return one;
  return value;
}
