import { isDefault, isSetting, type Default, type LineId, type Setting, type Tree } from './setting.ts';

type Both<U> = (U extends unknown ? (one: U) => void : never) extends (all: infer I) => void ? I : never;

function join(a: Tree, b: Tree): Tree {
  const all: Record<string, Setting<unknown> | Tree> = { ...a };
  for (const [key, node] of Object.entries(b)) {
    const there = all[key];
    if (there && (isSetting(there) || isSetting(node))) throw new RangeError(`"${key}" is set down twice.`);
    all[key] = there ? join(there, node as Tree) : node;
  }
  return all;
}

/** The trees of several lines as one. */
export type Merged<L> = [keyof L] extends [never] ? unknown : Both<L[keyof L]>;

/** Settings by the line of the spec that they are on. */
export type Lines = { readonly [L in LineId]?: Tree };

/** Several trees as one. Throws RangeError where two of them have the same setting. */
export const joined = <T extends readonly Tree[]>(...trees: T): Both<T[number]> & Tree =>
  trees.reduce<Tree>(join, {}) as Both<T[number]> & Tree;

/** The trees of several lines as one. */
export const merged = <L extends Lines>(lines: L): Merged<L> & Tree =>
  joined(...Object.values<Tree>(lines as Readonly<Record<string, Tree>>)) as Merged<L> & Tree;

/** The same tree with other defaults for some settings, by id. */
export function withDefaults<T extends Tree>(tree: T, others: Readonly<Record<string, unknown>>): T {
  const change = (node: Tree, under: string): Tree =>
    Object.fromEntries(
      Object.entries(node).map(([key, child]) => {
        const id = under ? `${under}.${key}` : key;
        if (!isSetting(child)) return [key, change(child, id)];
        if (!Object.hasOwn(others, id)) return [key, child];
        const other = others[id];
        const byDefault: Default<unknown> = isDefault(other) ? other : { is: 'value', value: other };
        return [key, { ...child, byDefault }];
      }),
    );
  return change(tree, '') as T;
}
