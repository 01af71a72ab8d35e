import { fold } from '../catalogue/fold.ts';
import type { ProductAssortment } from '../assortment/products.ts';
import type { Clause } from '../assortment/clauses/index.ts';
import type { Order } from '../assortment/orders/index.ts';
import { clausesIn } from '../assortment/rule.ts';
import { assortmentOf } from '../plan/showing.ts';
import { ofShelves, type PageCheck } from './check.ts';
import { tabAt } from './tabAt.ts';

/** Words of a heading, and what of the rule or the order keeps their promise. */
interface Promise {
  words: RegExp;
  meant: string;
  clauses: readonly Clause['is'][];
  orders: readonly Order['by'][];
}

const promises: readonly Promise[] = [
  { words: /\b(new|newest|latest|just in)\b/, meant: 'new', clauses: ['new'], orders: ['newest'] },
  {
    words: /\b(best sold|best seller|best sellers|bestseller|bestsellers|popular|most loved)\b/,
    meant: 'much sold',
    clauses: ['sold'],
    orders: ['bestSold', 'viewed', 'rating'],
  },
  {
    words: /\b(sale|reduced|on offer|deals?|marked down|bargains?)\b/,
    meant: 'reduced',
    clauses: ['reduced'],
    orders: ['reduction'],
  },
  { words: /\bfeatured\b/, meant: 'featured', clauses: ['featured'], orders: [] },
  {
    words: /\b(looked at|recently viewed|seen lately)\b/,
    meant: 'what this shopper viewed',
    clauses: ['lookedAt'],
    orders: ['lookedAt'],
  },
];

const keeps = (promise: Promise, { rule, order }: ProductAssortment): boolean =>
  promise.orders.includes(order.by) ||
  // What was chosen by a collection, a tag or by name may well be just that.
  clausesIn(rule).some(({ is }) => [...promise.clauses, 'collection', 'tag', 'named'].includes(is));

export const headingAtOdds: PageCheck = {
  id: 'heading-at-odds',
  title: 'A heading that does not fit what is shown',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (drawn, bay) => {
      const { empty } = bay;
      const shelf = plan.shelves[drawn.id];
      // What stands over a shelf is the name of its tab, where it has one.
      const tab = tabAt(view, plan, bay, drawn);
      const words = tab ?? bay.heading.words;
      const assortment = shelf && assortmentOf(plan, shelf);
      if (assortment?.of !== 'products' || empty) return null;
      const broken = promises.find(
        (promise) => promise.words.test(fold(words)) && !keeps(promise, assortment),
      );
      if (!broken) return null;
      return {
        text: `${tab === null ? 'The heading' : 'A tab'} says "${words}", but nothing makes what is shown ${broken.meant}`,
        fix: null,
        goTo: 'shows',
      };
    }),
};
