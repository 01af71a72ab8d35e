import { pageKind } from '../pages/index.ts';
import type { PlanCheck } from './check.ts';

/** A page of the owner's own that nobody can come to: without an address, or with that of another. */
export const pageAddress: PlanCheck = {
  id: 'page-address',
  title: 'A page without an address of its own',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) => {
    const taken = new Set<string>();
    return Object.values(plan.pages).flatMap((page) => {
      if (!pageKind(page.kind).many) return [];
      const twice = taken.has(page.slug);
      taken.add(page.slug);
      if (page.slug && !twice) return [];
      return [
        {
          at: { on: 'page', page: page.id } as const,
          text: twice
            ? `"${page.name}" has the address of another page, so it is not shown`
            : `"${page.name}" has no address, so nobody can open it`,
          fix: null,
          goTo: 'page' as const,
        },
      ];
    });
  },
};
