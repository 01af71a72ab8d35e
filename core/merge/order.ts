/** Two orders of one list, merged. */
export interface MergedOrder {
  order: string[];
  /** Both put the same element elsewhere, each in another place. */
  collides: boolean;
}

/** The fewest of these that have to move for the rest to be in the order that `wanted` has. */
export function moved(common: readonly string[], wanted: readonly string[]): Set<string> {
  const place = new Map(wanted.map((id, i) => [id, i]));
  const longest: { length: number; before: number }[] = [];
  let last = -1;
  common.forEach((id, i) => {
    const best = { length: 1, before: -1 };
    for (let j = 0; j < i; j += 1)
      if (place.get(common[j]!)! < place.get(id)! && longest[j]!.length >= best.length) {
        best.length = longest[j]!.length + 1;
        best.before = j;
      }
    longest.push(best);
    if (last < 0 || best.length > longest[last]!.length) last = i;
  });
  const kept = new Set<string>();
  for (let at = last; at >= 0; at = longest[at]!.before) kept.add(common[at]!);
  return new Set(common.filter((id) => !kept.has(id)));
}

/**
 * The ids of a list that two sides changed, each on its own, in one order: gone is what either left out, what either
 * added or moved stands after the same unmoved neighbour as there. The same whichever side is named first.
 */
export function mergeOrders(
  base: readonly string[],
  one: readonly string[],
  other: readonly string[],
): MergedOrder {
  const [a, b] = JSON.stringify(one) <= JSON.stringify(other) ? [one, other] : [other, one];
  const [inA, inB, inBase] = [new Set(a), new Set(b), new Set(base)];
  const common = base.filter((id) => inA.has(id) && inB.has(id));
  const [movedA, movedB] = [moved(common, a), moved(common, b)];
  const still = common.filter((id) => !movedA.has(id) && !movedB.has(id));
  const isStill = new Set(still);
  /** What a side put after each of those that nobody moved; under null what it put first. */
  const gapsOf = (side: readonly string[], elsewhere: ReadonlySet<string>) => {
    const gaps = new Map<string | null, string[]>([[null, []]]);
    let at: string | null = null;
    for (const id of side)
      if (isStill.has(id)) gaps.set((at = id), []);
      else if (elsewhere.has(id) || !inBase.has(id)) gaps.get(at)!.push(id);
    return gaps;
  };
  const [gapsA, gapsB] = [gapsOf(a, movedA), gapsOf(b, movedB)];
  const gapIn = (gaps: Map<string | null, string[]>, id: string) =>
    [...gaps].find(([, ids]) => ids.includes(id))?.[0];
  const collides = [...movedA].some((id) => movedB.has(id) && gapIn(gapsA, id) !== gapIn(gapsB, id));
  const order: string[] = [];
  const placed = new Set<string>();
  const put = (id: string) => {
    if (!placed.has(id)) order.push(id);
    placed.add(id);
  };
  for (const at of [null, ...still]) {
    if (at !== null) put(at);
    gapsA.get(at)!.forEach(put);
    gapsB.get(at)!.forEach(put);
  }
  return { order, collides };
}
