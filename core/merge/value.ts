import { same } from '../settings/same.ts';
import { mergeOrders } from './order.ts';

type Loose = Readonly<Record<string, unknown>>;

export interface MergedValue {
  value: unknown;
  /** Both sides changed the same thing, each to something else. */
  collides: boolean;
}

const collision = (mine: unknown): MergedValue => ({ value: mine, collides: true });

const isLoose = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** What an element of a list is known by: its id, or all of it. */
const known = (element: unknown): string =>
  isLoose(element) && (typeof element.id === 'string' || typeof element.id === 'number')
    ? String(element.id)
    : JSON.stringify(element);

/** The one side that changed anything, or null where both did. */
function oneSided(base: unknown, mine: unknown, theirs: unknown): MergedValue | null {
  if (same(mine, theirs) || same(base, theirs)) return { value: mine, collides: false };
  return same(base, mine) ? { value: theirs, collides: false } : null;
}

/** A value that is one whole: where both sides changed it, it collides. */
export const mergeWhole = (base: unknown, mine: unknown, theirs: unknown): MergedValue =>
  oneSided(base, mine, theirs) ?? collision(mine);

/**
 * A value made of parts that stand for themselves: keys of an object, elements of a list by their ids. Where it
 * collides anywhere, all of it does, and is as `mine` has it.
 */
export function mergeParts(base: unknown, mine: unknown, theirs: unknown): MergedValue {
  const found = oneSided(base, mine, theirs);
  if (found) return found;
  if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs))
    return mergeElements(base, mine, theirs);
  if (!isLoose(base) || !isLoose(mine) || !isLoose(theirs)) return collision(mine);
  const value: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(base), ...Object.keys(mine), ...Object.keys(theirs)])) {
    const merged = mergeParts(base[key], mine[key], theirs[key]);
    if (merged.collides) return collision(mine);
    if (merged.value !== undefined) value[key] = merged.value;
  }
  return { value, collides: false };
}

function mergeElements(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): MergedValue {
  const [inBase, inMine, inTheirs] = [base, mine, theirs].map(
    (list) => new Map(list.map((element) => [known(element), element])),
  ) as [Map<string, unknown>, Map<string, unknown>, Map<string, unknown>];
  // Elements that are the same cannot be told apart.
  if (inBase.size < base.length || inMine.size < mine.length || inTheirs.size < theirs.length)
    return collision(mine);
  const added = [...inMine.keys(), ...inTheirs.keys()].some((id) => !inBase.has(id));
  // What both left out, one of them perhaps to put another in its place.
  if (added && [...inBase.keys()].some((id) => !inMine.has(id) && !inTheirs.has(id))) return collision(mine);
  for (const id of inBase.keys()) {
    const [kept, other] = inMine.has(id) ? [inMine, inTheirs] : [inTheirs, inMine];
    if (!other.has(id) && kept.has(id) && !same(kept.get(id), inBase.get(id))) return collision(mine);
  }
  const { order, collides } = mergeOrders([...inBase.keys()], [...inMine.keys()], [...inTheirs.keys()]);
  if (collides) return collision(mine);
  const value: unknown[] = [];
  for (const id of order) {
    const merged =
      inMine.has(id) && inTheirs.has(id)
        ? mergeParts(inBase.get(id), inMine.get(id), inTheirs.get(id))
        : { value: inMine.get(id) ?? inTheirs.get(id), collides: false };
    if (merged.collides) return collision(mine);
    value.push(merged.value);
  }
  return { value, collides: false };
}
