import { fold } from '../catalogue/fold.ts';
import type { ProductAssortment } from '../assortment/assortment.ts';
import type { Clause } from '../assortment/clauses/index.ts';
import type { Order } from '../assortment/orders/index.ts';
import { clausesIn } from '../assortment/rule.ts';
import { assortmentOf } from '../plan/plan.ts';
import type { Check } from './check.ts';

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
    meant: 'what this shopper looked at',
    clauses: ['lookedAt'],
    orders: ['lookedAt'],
  },
];

const keeps = (promise: Promise, { rule, order }: ProductAssortment): boolean =>
  promise.orders.includes(order.by) ||
  // What was chosen by a collection, a tag or by name may well be just that.
  clausesIn(rule).some(({ is }) => [...promise.clauses, 'collection', 'tag', 'named'].includes(is));

export const headingAtOdds: Check = {
  id: 'heading-at-odds',
  title: 'A heading at odds with what is shown',
  severity: 'weak',
  find: (view, plan) =>
    view.bays.flatMap(({ id, content, heading, empty }) => {
      const shelf = content.holds === 'shelf' ? plan.shelves[content.shelf.id] : undefined;
      const assortment = shelf && assortmentOf(plan, shelf);
      if (assortment?.of !== 'products' || empty) return [];
      const broken = promises.find(
        (promise) => promise.words.test(fold(heading.words)) && !keeps(promise, assortment),
      );
      return broken
        ? [
            {
              bayId: id,
              text: `The heading says "${heading.words}", but nothing makes what is shown ${broken.meant}`,
              fix: null,
              goTo: 'shows',
            },
          ]
        : [];
    }),
};
