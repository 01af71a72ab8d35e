import type { CategoryFacts } from './facts.ts';

/** Questions about the category tree (calculations §11), answered from a flat list in any order. */
export interface CategoryTree {
  all: readonly CategoryFacts[];
  byId(id: number): CategoryFacts | undefined;
  bySlug(slug: string): CategoryFacts | undefined;
  roots: readonly CategoryFacts[];
  /** In the owner's own order, ended by id. */
  children(id: number): readonly CategoryFacts[];
  /** From the root down, without itself. */
  ancestors(id: number): readonly CategoryFacts[];
  /** 0 for a root. */
  depth(id: number): number;
  /** Itself and everything below, parents before children. */
  withBelow(id: number): readonly number[];
}

const own = (a: CategoryFacts, b: CategoryFacts) => a.position - b.position || a.id - b.id;

/** A category whose parent is not in the list counts as a root. */
export function categoryTree(all: readonly CategoryFacts[]): CategoryTree {
  const byId = new Map(all.map((category) => [category.id, category]));
  const bySlug = new Map(all.map((category) => [category.slug, category]));
  const below = new Map<number | null, CategoryFacts[]>();
  for (const category of [...all].sort(own)) {
    const parent = category.parentId !== null && byId.has(category.parentId) ? category.parentId : null;
    below.set(parent, [...(below.get(parent) ?? []), category]);
  }
  const children = (id: number) => below.get(id) ?? [];
  const ancestors = (id: number): CategoryFacts[] => {
    const parent = byId.get(byId.get(id)?.parentId ?? NaN);
    return parent ? [...ancestors(parent.id), parent] : [];
  };
  const withBelow = (id: number): number[] =>
    byId.has(id) ? [id, ...children(id).flatMap((child) => withBelow(child.id))] : [];
  return {
    all,
    byId: (id) => byId.get(id),
    bySlug: (slug) => bySlug.get(slug),
    roots: below.get(null) ?? [],
    children,
    ancestors,
    depth: (id) => ancestors(id).length,
    withBelow,
  };
}
