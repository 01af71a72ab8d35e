/**
 * Keeps what was made for an object while all it was made from is the very same, so that a drawing can pass it
 * over. The last two are kept, since a page and another way of it are made one after the other.
 */
export function keptFor<O extends object, V>() {
  const known = new WeakMap<O, { from: readonly unknown[]; made: V }[]>();
  return (of: O, from: readonly unknown[], make: () => V): V => {
    const kept = known.get(of) ?? [];
    const found = kept.find((one) => one.from.every((value, i) => value === from[i]));
    if (found) return found.made;
    const made = make();
    known.set(of, [{ from, made }, ...kept].slice(0, 2));
    return made;
  };
}
