import { pageKind } from '../pages/index.ts';
import { dropPage } from '../plan/pageEdits.ts';
import type { PlanCheck } from './check.ts';

/** A page that is arranged for one category or collection which is gone, or which another page is arranged for already. */
export const arrangedGone: PlanCheck = {
  id: 'arranged-gone',
  title: 'A page arranged for something that is gone',
  severity: 'weak',
  reads: 'plan',
  find: (plan, names) => {
    const taken = new Set<string>();
    const nameOf = { category: names.category, collection: names.collection };
    return Object.values(plan.pages).flatMap((page) => {
      const { about, kind } = page;
      if (about === null) return [];
      const key = `${kind} ${about}`;
      const twice = taken.has(key);
      taken.add(key);
      const known = nameOf[kind as keyof typeof nameOf];
      const isGone = known !== undefined && known(about) === undefined;
      if (!twice && !isGone) return [];
      const thing = pageKind(kind).name.toLowerCase();
      return [
        {
          // Nobody comes to it to be told there.
          at: { on: 'store' } as const,
          text: isGone
            ? `"${page.name}" is arranged for a ${thing} that is gone`
            : `"${page.name}" is the second arrangement of one ${thing}, so it is not shown`,
          fix: { words: 'Delete it', command: dropPage(page) },
          goTo: null,
        },
      ];
    });
  },
};
