import type { PlacedSetting } from './setting.ts';

const NOT_FOUND = 6;

/** Settings whose name or words begin with what was typed: names before other words, best first. */
export function findSettings(typed: string, among: readonly PlacedSetting[]): PlacedSetting[] {
  const wanted = typed.trim().toLowerCase();
  if (!wanted) return [];
  const rank = ({ name, find = [] }: PlacedSetting): number => {
    const named = name.toLowerCase();
    if (named === wanted) return 0;
    if (named.startsWith(wanted)) return 1;
    if (named.split(/\s+/).some((word) => word.startsWith(wanted))) return 2;
    if (find.includes(wanted)) return 3;
    if (find.some((word) => word.startsWith(wanted))) return 4;
    return named.includes(wanted) || find.some((word) => word.includes(wanted)) ? 5 : NOT_FOUND;
  };
  return among
    .map((one, at) => ({ one, at, rank: rank(one) }))
    .filter((found) => found.rank < NOT_FOUND)
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map((found) => found.one);
}
