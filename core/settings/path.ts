/** Paths are those of settings, so there are only so many, and each is taken apart once. */
const taken = new Map<string, readonly string[]>();

function stepsOf(path: string): readonly string[] {
  let steps = taken.get(path);
  if (!steps) taken.set(path, (steps = path.split('.')));
  return steps;
}

/** The value at a path of a document; undefined where there is none. */
export function readPath(document: unknown, path: string): unknown {
  let at: unknown = document;
  for (const step of stepsOf(path)) {
    if (typeof at !== 'object' || at === null || !Object.hasOwn(at, step)) return undefined;
    at = (at as Record<string, unknown>)[step];
  }
  return at;
}

/**
 * Writes into a document that may be changed (a draft of immer's, or a copy). `undefined` takes the value out, and
 * with it every object on the way that holds nothing any more.
 */
export function writePath(document: object, path: string, value: unknown): void {
  const steps = stepsOf(path);
  const last = steps.at(-1)!;
  const above = steps.length - 1;
  const way = [document as Record<string, unknown>];
  for (const step of steps.slice(0, above)) {
    const at = way.at(-1)!;
    if (typeof at[step] !== 'object' || at[step] === null) {
      if (value === undefined) return;
      at[step] = {};
    }
    way.push(at[step] as Record<string, unknown>);
  }
  if (value !== undefined) {
    way.at(-1)![last] = value;
    return;
  }
  delete way.at(-1)![last];
  for (let i = above; i > 0 && Object.keys(way[i]!).length === 0; i -= 1) delete way[i - 1]![steps[i - 1]!];
}
