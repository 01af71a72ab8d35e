import type { Bay } from '../bays/index.ts';
import type { Item } from '../card/item.ts';
import type { CollectionFacts, ProductFacts } from '../catalogue/facts.ts';
import { isGroup, type Group } from '../assortment/rule.ts';
import { clauseKind } from '../assortment/clauses/index.ts';
import { isPublic, pageKind, pagePath } from '../pages/index.ts';
import { isRemoved } from '../plan/page.ts';
import { shelvesOf } from '../plan/places.ts';
import { assortmentOf } from '../plan/showing.ts';
import type { Plan } from '../plan/plan.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import type { PageView } from '../view/view.ts';

/** As many of the products that sell most are looked for on a page. */
export const MOST_LOOKED_FOR = 5;

/**
 * Of the products that sell most, those that a page does not show.
 * @param best in the order of how often they sold; those that never did count for nothing
 */
export function sellsUnseen(best: readonly Item[], view: PageView): ProductFacts[] {
  const seen = new Set(
    shelvesOn(view).flatMap(({ shelf }) =>
      shelf.cards.flatMap(({ id, of }) => (of === 'products' ? [id] : [])),
    ),
  );
  return best
    .flatMap((item) => (item.of === 'products' && item.product.sold > 0 ? [item.product] : []))
    .slice(0, MOST_LOOKED_FOR)
    .filter(({ id }) => !seen.has(id));
}

/** The bays that shoppers see somewhere: none of a deleted page, and none that is hidden. */
const baysShown = (plan: Plan) =>
  Object.values(plan.pages)
    // The header and the footer are on every page, though they are none.
    .filter((page) => (isPublic(page) || pageKind(page.kind).edge !== undefined) && !isRemoved(page))
    .flatMap(({ bays }) => bays.filter(({ hidden }) => !hidden));

/** Ids of the collections that a rule asks for; what it rules out is not among them. */
const askedFor = ({ join, parts }: Group): readonly number[] =>
  join === 'none'
    ? []
    : parts.flatMap((part) =>
        isGroup(part) ? askedFor(part) : (clauseKind(part.is).collections?.(part) ?? []),
      );

const written = new WeakMap<Bay, string>();

/** A bay as one text, for what it names to be found in. */
function writtenOf(bay: Bay): string {
  const known = written.get(bay) ?? JSON.stringify(bay);
  written.set(bay, known);
  return known;
}

/** Collections with something in them that no page shows, sells from or links to, in their order. */
export function collectionsUnseen(plan: Plan, collections: readonly CollectionFacts[]): CollectionFacts[] {
  const bays = baysShown(plan);
  const named = new Set<number>();
  for (const id of new Set(bays.flatMap(shelvesOf))) {
    const shelf = plan.shelves[id];
    const assortment = shelf && assortmentOf(plan, shelf);
    if (assortment?.of === 'collections') {
      if (assortment.ids === null) return [];
      for (const one of assortment.ids) named.add(one);
    } else if (assortment?.of === 'products') {
      for (const one of askedFor(assortment.rule)) named.add(one);
    }
  }
  const all = bays.map(writtenOf).join();
  const isLinked = ({ id, slug }: CollectionFacts) =>
    all.includes(`"collection:${id}"`) || all.includes(`"${pagePath(pageKind(COLLECTION), slug)}"`);
  return collections.filter((one) => one.products > 0 && !named.has(one.id) && !isLinked(one));
}

/** The kind of page that each collection has. */
const COLLECTION = 'collection';
