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
  if (value === undefined) return takeOut(document as Holder, steps, 0);
  const last = steps.length - 1;
  let at = document as Holder;
  for (let i = 0; i < last; i += 1) {
    const inside = at[steps[i]!];
    at = isHolder(inside) ? inside : (at[steps[i]!] = {});
  }
  at[steps[last]!] = value;
}

type Holder = Record<string, unknown>;

const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

function takeOut(from: Holder, steps: readonly string[], i: number): void {
  const step = steps[i]!;
  if (i === steps.length - 1) {
    delete from[step];
    return;
  }
  const inside = from[step];
  if (!isHolder(inside)) return;
  takeOut(inside, steps, i + 1);
  if (Object.keys(inside).length === 0) delete from[step];
}
