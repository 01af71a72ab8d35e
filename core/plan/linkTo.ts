import type { CategoryTree } from '../catalogue/categoryTree.ts';
import { pageKind, pagePath, isPublic } from '../pages/index.ts';
import { namedIn } from './link.ts';
import type { Plan } from './plan.ts';

/** What links can name besides addresses. */
export interface LinkWorld {
  plan: Pick<Plan, 'pages'>;
  tree: CategoryTree;
  collections: readonly { id: number; slug: string; name: string }[];
}

/** Where a link leads, and what that is called; null where that is gone. An address leads to itself. */
export function linkTo(link: string, { plan, tree, collections }: LinkWorld): LinkTarget | null {
  const named = namedIn(link);
  if (!named) return { href: link, name: link };
  const { what, id } = named;
  if (what === 'page') {
    const page = Object.hasOwn(plan.pages, id) ? plan.pages[id] : undefined;
    const kind = page && pageKind(page.kind);
    if (!kind || !isPublic(page) || (kind.address.slugged && !(kind.many && page.slug))) return null;
    return { href: pagePath(kind, page.slug), name: page.name };
  }
  const found =
    what === 'category' ? tree.byId(Number(id)) : collections.find((one) => one.id === Number(id));
  return found ? { href: pagePath(pageKind(what), found.slug), name: found.name } : null;
}

export interface LinkTarget {
  href: string;
  name: string;
}
