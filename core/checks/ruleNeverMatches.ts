import { neverShows } from '../assortment/never.ts';
import { assortmentOf } from '../plan/showing.ts';
import { ofShelves, type PageCheck } from './check.ts';

export const ruleNeverMatches: PageCheck = {
  id: 'rule-never-matches',
  title: 'A rule that can never match',
  severity: 'wrong',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, ({ id }) => {
      const shelf = plan.shelves[id];
      const assortment = shelf && assortmentOf(plan, shelf);
      if (assortment?.of !== 'products' || !neverShows(assortment.rule, assortment.soldOut)) return null;
      return { text: 'No product can ever meet its rule', fix: null, goTo: 'shows' };
    }),
};
