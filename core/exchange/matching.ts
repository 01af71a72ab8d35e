import { fold } from '../catalogue/fold.ts';
import { decimalMarkOf, type DecimalMark } from './amount.ts';
import { levelMarkOf, listMarkOf } from './cells.ts';
import type { How, Target } from './targets.ts';

/** A column of a file with the first of its values that are not empty. */
export interface SampledColumn {
  /** Empty where the file names none. */
  name: string;
  values: readonly string[];
}

/** What each column of a file holds: the id of a target, or null for one that is left out. */
export type Matching = readonly (string | null)[];

/** What a column was matched to the last time, by its folded name. */
export type FormerMatching = Readonly<Record<string, string | null>>;

/** Several columns may hold these. */
const isOnce = ({ of }: Target) => of !== 'option';

/**
 * What columns hold: as the last time; else by their names; else, where they have none that is known, by their values.
 * Nothing is held by two columns.
 */
export function matched(
  columns: readonly SampledColumn[],
  targets: readonly Target[],
  former: FormerMatching = {},
): (string | null)[] {
  const found: (string | null | undefined)[] = columns.map(() => undefined);
  const taken = new Set<string>();
  const take = (at: number, target: Target | undefined) => {
    if (!target || found[at] !== undefined || (taken.has(target.id) && isOnce(target))) return;
    taken.add(target.id);
    found[at] = target.id;
  };
  const names = columns.map(({ name }) => fold(name));
  names.forEach((name, at) => {
    if (name === '' || !Object.hasOwn(former, name)) return;
    const was = former[name];
    if (was === null) found[at] = null;
    else
      take(
        at,
        targets.find(({ id }) => id === was),
      );
  });
  // Names that are more usual for it first.
  const most = Math.max(...targets.map(({ words }) => words.length));
  for (let rank = 0; rank < most; rank += 1)
    names.forEach((name, at) =>
      take(
        at,
        targets.find((target) => name !== '' && target.words[rank] === name),
      ),
    );
  columns.forEach(({ values }, at) => {
    if (values.length > 2)
      take(
        at,
        targets.find((target) => !taken.has(target.id) && target.looks?.(values)),
      );
  });
  return found.map((target) => target ?? null);
}

/** What to keep of a matching for the next file. */
export const keptMatching = (columns: readonly SampledColumn[], matching: Matching): FormerMatching =>
  Object.fromEntries(
    columns.map(({ name }, at) => [fold(name), matching[at] ?? null] as const).filter(([name]) => name),
  );

/** The decimal mark of a file, by what was matched to hold numbers. */
export const decimalOf = (
  columns: readonly SampledColumn[],
  targets: readonly (Target | undefined)[],
  digits: number,
): DecimalMark =>
  decimalMarkOf(
    columns.flatMap(({ values }, at) => (targets[at]?.numbers ? values : [])),
    digits,
  );

/** How a column is read, by its values. */
export const howOf = ({ values }: SampledColumn, decimal: DecimalMark, digits: number): How => ({
  decimal,
  digits,
  list: listMarkOf(values),
  level: levelMarkOf(values),
});
