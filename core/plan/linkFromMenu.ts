import type { CategoryTree } from '../catalogue/categoryTree.ts';
import { bayKind } from '../bays/index.ts';
import { edgeOf } from '../pages/index.ts';
import type { Command } from './commands.ts';
import type { Plan } from './plan.ts';

/**
 * Puts a link at the end of the first menu of the header; null where there is none, or where it is full.
 * Links of the categories, whichever there are, become links that are chosen one by one.
 */
export function linkFromMenu(plan: Plan, tree: CategoryTree, link: string): Command | null {
  const header = edgeOf(plan, 'head');
  for (const bay of header?.bays ?? []) {
    const set = bayKind(bay.holds).withLink?.(bay as never, link, { tree, house: plan.house });
    if (set) return { do: 'set', on: { page: header!.id, bay: bay.id }, ...set };
  }
  return null;
}
