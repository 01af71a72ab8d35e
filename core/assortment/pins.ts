/** A product kept at a place of the list, counted from 1. */
export interface Pin {
  id: number;
  place: number;
}

export const MOST_PINS = 100;

/**
 * Where pinned items stand: each at its place; a second pin on one place moves on by one; one past the end
 * goes last (calculations §12). Returns places counted from 0, ascending, all different and below `total`.
 * @param pins those that are in the list; at most `total`
 */
export function pinPlaces(pins: readonly Pin[], total: number): { id: number; at: number }[] {
  const sorted = pins.map((pin, i) => ({ pin, i })).sort((a, b) => a.pin.place - b.pin.place || a.i - b.i);
  let next = 0;
  return sorted.map(({ pin }, i) => {
    next = Math.max(pin.place - 1, next);
    const at = Math.min(next, total - sorted.length + i);
    next += 1;
    return { id: pin.id, at };
  });
}

/**
 * The items `[start, end)` of a list of `total`, of which some are pinned and the others flow round them.
 * @param rest the others in their order, beginning with the one of rank `restFrom`
 */
export function withPins(
  pins: readonly Pin[],
  total: number,
  { rest, restFrom }: { rest: readonly number[]; restFrom: number },
  { start, end }: { start: number; end: number },
): number[] {
  const places = pinPlaces(pins, total);
  const byPlace = new Map(places.map(({ id, at }) => [at, id]));
  let before = places.filter(({ at }) => at < start).length;
  const ids: number[] = [];
  for (let at = start; at < Math.min(end, total); at += 1) {
    const pinned = byPlace.get(at);
    if (pinned !== undefined) {
      ids.push(pinned);
      before += 1;
    } else {
      const other = rest[at - before - restFrom];
      if (other !== undefined) ids.push(other);
    }
  }
  return ids;
}
