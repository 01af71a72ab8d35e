import type { CategoryFacts } from './facts.ts';

/** What stands in a tree. */
type Standing = Pick<CategoryFacts, 'id' | 'parentId' | 'slug' | 'position'>;

/** Questions about the category tree (calculations §11), answered from a flat list in any order. */
export interface CategoryTree<C extends Standing = CategoryFacts> {
  all: readonly C[];
  byId(id: number): C | undefined;
  bySlug(slug: string): C | undefined;
  roots: readonly C[];
  /** In the owner's own order, ended by id. */
  children(id: number): readonly C[];
  /** From the root down, without itself. */
  ancestors(id: number): readonly C[];
  /** 0 for a root. */
  depth(id: number): number;
  /** Itself and everything below, parents before children. */
  withBelow(id: number): readonly number[];
}

const own = (a: Standing, b: Standing) => a.position - b.position || a.id - b.id;

/** A category whose parent is not in the list counts as a root. */
export function categoryTree<C extends Standing>(all: readonly C[]): CategoryTree<C> {
  const byId = new Map(all.map((category) => [category.id, category]));
  const bySlug = new Map(all.map((category) => [category.slug, category]));
  const below = new Map<number | null, C[]>();
  for (const category of [...all].sort(own)) {
    const parent = category.parentId !== null && byId.has(category.parentId) ? category.parentId : null;
    below.set(parent, [...(below.get(parent) ?? []), category]);
  }
  const children = (id: number) => below.get(id) ?? [];
  const ancestors = (id: number): C[] => {
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
