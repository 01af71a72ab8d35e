import { neverShows } from '../assortment/never.ts';
import { assortmentOf } from '../plan/plan.ts';
import type { Check } from './check.ts';

export const ruleNeverMatches: Check = {
  id: 'rule-never-matches',
  title: 'A rule that can never match',
  severity: 'wrong',
  find: (view, plan) =>
    view.bays.flatMap(({ id, content }) => {
      const shelf = content.holds === 'shelf' ? plan.shelves[content.shelf.id] : undefined;
      const assortment = shelf && assortmentOf(plan, shelf);
      if (assortment?.of !== 'products' || !neverShows(assortment.rule, assortment.soldOut)) return [];
      return [{ bayId: id, text: 'No product can ever meet its rule', fix: null, goTo: 'shows' }];
    }),
};
