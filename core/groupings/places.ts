import type { Grouping } from './grouping.ts';

/** Where one stands among others: under which, and before which of those beside it; null for none, and for the end. */
export interface Place {
  parent: number | null;
  before: number | null;
}

/** Levels of a tree, the first counted. */
export const MOST_LEVELS = 12;

type Placed = Pick<Grouping, 'id' | 'parentId' | 'position'>;

/** Those right under one, or under none, in the owner's order ended by id. */
export const besides = <G extends Placed>(all: readonly G[], parent: number | null): G[] =>
  all.filter(({ parentId }) => parentId === parent).sort((a, b) => a.position - b.position || a.id - b.id);

export function placeOf(all: readonly Placed[], id: number): Place {
  const parent = all.find((one) => one.id === id)?.parentId ?? null;
  const list = besides(all, parent);
  return { parent, before: list[list.findIndex((one) => one.id === id) + 1]?.id ?? null };
}

/** Those above one, from it up; ends where one above is gone. */
function above(all: readonly Placed[], id: number | null): number[] {
  const found: number[] = [];
  for (let at = id; at !== null && !found.includes(at);) {
    found.push(at);
    at = all.find((one) => one.id === at)?.parentId ?? null;
  }
  return found;
}

/** Levels from one down to the deepest below it; 0 where nothing is below. */
const levelsBelow = (all: readonly Placed[], id: number): number =>
  Math.max(0, ...besides(all, id).map((one) => 1 + levelsBelow(all, one.id)));

/** Why one cannot stand at a place, in a sentence; null where it can. @param id null for one that is new */
export function placeFault(
  all: readonly Placed[],
  id: number | null,
  { parent, before }: Place,
): string | null {
  if (parent !== null && !all.some((one) => one.id === parent)) return 'What it was to stand under is gone.';
  const up = above(all, parent);
  if (id !== null && up.includes(id)) return 'It cannot stand under itself, or under what is below it.';
  if (up.length + 1 + (id === null ? 0 : levelsBelow(all, id)) > MOST_LEVELS)
    return `It would stand too deep; there are at most ${MOST_LEVELS} levels.`;
  return besideFault(all, id, { parent, before });
}

/** Why one cannot stand before another, in a sentence; null where it can. */
export const besideFault = (
  all: readonly Placed[],
  id: number | null,
  { parent, before }: Place,
): string | null =>
  before !== null && (before === id || all.find((one) => one.id === before)?.parentId !== parent)
    ? 'What it was to stand before is not there any more.'
    : null;

/** All of them with one at another place; those beside it keep their order. */
export function placed<G extends Placed>(all: readonly G[], id: number, { parent, before }: Place): G[] {
  const moved = all.find((one) => one.id === id);
  if (!moved) return [...all];
  const list = besides(all, parent).filter((one) => one.id !== id);
  const at = before === null ? -1 : list.findIndex((one) => one.id === before);
  list.splice(at < 0 ? list.length : at, 0, moved);
  const positions = new Map(list.map((one, position) => [one.id, position]));
  return all.map((one) => {
    const position = positions.get(one.id);
    if (position === undefined) return one;
    return position === one.position && one.parentId === parent
      ? one
      : { ...one, parentId: parent, position };
  });
}

export type Step = 'up' | 'down' | 'in' | 'out';

/** Where one comes to stand a step up or down among those beside it, in under the one before it, or out to after what it is under; null where it cannot. */
export function stepped(all: readonly Placed[], id: number, step: Step): Place | null {
  const { parent, before } = placeOf(all, id);
  const list = besides(all, parent);
  const at = list.findIndex((one) => one.id === id);
  const previous = list[at - 1];
  switch (step) {
    case 'up':
      return previous ? { parent, before: previous.id } : null;
    case 'down':
      return before === null ? null : { parent, before: list[at + 2]?.id ?? null };
    case 'in':
      return previous ? { parent: previous.id, before: null } : null;
    case 'out':
      return parent === null
        ? null
        : { parent: placeOf(all, parent).parent, before: placeOf(all, parent).before };
  }
}

/** Where one comes to stand that is dropped on another, or right before or after it. */
export function droppedAt(
  all: readonly Placed[],
  id: number,
  at: { on: number; position: 'on' | 'before' | 'after' },
): Place {
  if (at.position === 'on') return { parent: at.on, before: null };
  const { parent, before } = placeOf(all, at.on);
  if (at.position === 'before') return { parent, before: at.on === id ? before : at.on };
  return { parent, before: before === id ? placeOf(all, id).before : before };
}
