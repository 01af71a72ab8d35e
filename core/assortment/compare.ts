export type Key = readonly (number | string)[];

/** Compares part by part, smallest first; strings by code unit, as `COLLATE "C"` does for what the core folds. */
export function compareKeys(a: Key, b: Key): number {
  for (let i = 0; i < a.length; i += 1) {
    const [x, y] = [a[i]!, b[i]!];
    if (x !== y) return x < y ? -1 : 1;
  }
  return 0;
}
