import { array, lazy, object, string, type Schema } from '../schema/schema.ts';
import { said } from '../schema/said.ts';
import { clauseKinds, type Clause } from './clauses/index.ts';

/** Clauses and groups that must hold all, any, or none of. An empty group holds for everything. */
export interface Group {
  join: 'all' | 'any' | 'none';
  parts: Part[];
}
export type Part = Clause | Group;

export const isGroup = (part: Part): part is Group => 'join' in part;

/** Groups may stand in groups this deep, and hold this many parts in all. */
export const MOST_DEPTH = 4;
export const MOST_CLAUSES = 60;

/** Every clause of a rule, in the order of reading. */
export const clausesIn = (group: Group): Clause[] =>
  group.parts.flatMap((part) => (isGroup(part) ? clausesIn(part) : [part]));

/** Where a part stands: its place in each group from the outermost in. */
export type Path = readonly number[];

/** The part at a path; undefined where there is none. */
export function partAt(rule: Group, path: Path): Part | undefined {
  let at: Part | undefined = rule;
  for (const place of path) at = at && isGroup(at) ? at.parts[place] : undefined;
  return at;
}

/** The rule with the group at `path` changed. */
export function withGroup(rule: Group, path: Path, change: (group: Group) => Group): Group {
  const [first, ...rest] = path;
  if (first === undefined) return change(rule);
  return {
    ...rule,
    parts: rule.parts.map((part, i) => (i === first && isGroup(part) ? withGroup(part, rest, change) : part)),
  };
}

const changeParts = (rule: Group, path: Path, change: (parts: Part[], at: number) => void): Group =>
  withGroup(rule, path.slice(0, -1), (group) => {
    const parts = [...group.parts];
    change(parts, path.at(-1)!);
    return { ...group, parts };
  });

/** The rule with a part put in at a path; what stood there and after it moves on by one. */
export const withPart = (rule: Group, path: Path, part: Part): Group =>
  changeParts(rule, path, (parts, at) => parts.splice(at, 0, part));

/** The rule with the part at a path changed. */
export const withChanged = (rule: Group, path: Path, part: Part): Group =>
  changeParts(rule, path, (parts, at) => parts.splice(at, 1, part));

export const withoutPart = (rule: Group, path: Path): Group =>
  changeParts(rule, path, (parts, at) => parts.splice(at, 1));

/**
 * The rule with a part moved.
 * @param to where it is put in, as the rule stands before it is taken from where it was; never within itself
 */
export function movePart(rule: Group, from: Path, to: Path): Group {
  const part = partAt(rule, from);
  if (!part || from.every((place, i) => to[i] === place)) return rule;
  const level = to.length - 1;
  const pushed =
    from.length > level && to.every((place, i) => (i < level ? from[i] === place : place <= from[i]!));
  const now = from.map((place, i) => (pushed && i === level ? place + 1 : place));
  return withoutPart(withPart(rule, to, part), now);
}

/** Every part in the order of reading, groups before what stands in them. */
export function pathsIn(rule: Group, above: Path = []): { path: Path; part: Part }[] {
  return rule.parts.flatMap((part, i) => {
    const path = [...above, i];
    return [{ path, part }, ...(isGroup(part) ? pathsIn(part, path) : [])];
  });
}

/** The rule as far as it has been read when the part at `path` ends; what remains is counted by it. */
export function readUntil(rule: Group, path: Path): Group {
  const [first, ...rest] = path;
  if (first === undefined) return rule;
  const parts = rule.parts.slice(0, first + 1);
  const last = parts.at(-1)!;
  return {
    ...rule,
    parts: rest.length && isGroup(last) ? [...parts.slice(0, -1), readUntil(last, rest)] : parts,
  };
}

const clauseSchema = lazy((value: unknown) => {
  const id = typeof value === 'object' && value !== null ? (value as { is?: unknown }).is : undefined;
  return (
    (clauseKinds.find((kind) => kind.id === id)?.schema as Schema | undefined) ??
    object().test('known', `There is no clause "${said(id)}".`, () => false)
  );
});

function groupSchema(depth: number): Schema {
  return object({
    join: string().oneOf(['all', 'any', 'none']).required(),
    parts: array(
      lazy((value: unknown) => {
        if (!(typeof value === 'object' && value !== null && 'join' in value)) return clauseSchema;
        if (depth >= MOST_DEPTH)
          return object().test('deep', `Groups can stand in groups at most ${MOST_DEPTH} deep.`, () => false);
        return groupSchema(depth + 1);
      }),
    )
      .max(MOST_CLAUSES)
      .required(),
  }).noUnknown() as Schema;
}

/** Parts of a group that may be anything at all yet, and of those in it. */
function count(group: unknown): number {
  const parts: unknown = typeof group === 'object' && group !== null ? (group as Partial<Group>).parts : null;
  return Array.isArray(parts) ? parts.reduce((sum: number, part) => sum + 1 + count(part), 0) : 0;
}

export const ruleSchema = groupSchema(1).test(
  'many',
  `A rule can have at most ${MOST_CLAUSES} clauses.`,
  (group) => count(group) <= MOST_CLAUSES,
);

/** What must be true of its clauses, in words. */
export const joinWords = { all: 'all of these', any: 'any of these', none: 'none of these' } as const;
