import { clauseKind } from '../assortment/clauses/index.ts';
import type { Assortment } from '../assortment/assortment.ts';
import type { Around, LookedAt } from '../assortment/kinds.ts';
import { orderKind } from '../assortment/orders/index.ts';
import { clausesIn } from '../assortment/rule.ts';
import { VARIANTS } from '../listing/filterKind.ts';
import { filterKind } from '../listing/filters/index.ts';
import type { Listing } from '../listing/listing.ts';

/**
 * What a view was made from, as names that the catalogue announces when it changes: a view is to be made anew where
 * one of its own is announced, or `ALL`.
 */
export const ALL = 'all';
export const RELEASE = 'release';
export const CATEGORIES = 'categories';
/** Type families of the owner's own. */
export const TYPEFACES = 'typefaces';
export const COLLECTIONS = 'collections';
export const ENTRIES = 'entries';
/** A list by a rule: it may change wherever products come or go. */
export const RULE = 'rule';

/** Everything that is shown of one product. */
export const productRead = (id: number): string => `product.${id}`;
/** How much of one product was sold. */
export const soldRead = (id: number): string => `sold.${id}`;
/** What rules look at of any product. */
export const ruleRead = (what: LookedAt): string => `${RULE}.${what}`;

/** Whether a name is of what lists go by, and not of anything that is shown. */
export const isOfLists = (name: string): boolean => name === RULE || name.startsWith(`${RULE}.`);

/** Any variant of any product, and not only the one that is shown. */
const VARIANTS_READ = `${RULE}.${VARIANTS}`;

/** What a listing counts, it may change with. */
export const readsOfListing = ({ filters, words, sort }: Listing): string[] => [
  RULE,
  ...filters.flatMap(({ by }) =>
    filterKind(by).looksAt.map((what) => (what === VARIANTS ? VARIANTS_READ : ruleRead(what))),
  ),
  ...(words ? [ruleRead('words')] : []),
  ...(sort ? orderKind(sort.by).looksAt.map(ruleRead) : []),
];

/** Only what has come out is listed. */
const ALWAYS: readonly LookedAt[] = ['onSaleFrom'];

/** What the list of an assortment may change with, besides the products that it shows. */
export function readsOfList(assortment: Assortment, around: Around): string[] {
  switch (assortment.of) {
    case 'products': {
      const { rule, order, soldOut } = assortment;
      const looksAt = [
        ...clausesIn(rule).flatMap((clause) => {
          const own = clauseKind(clause.is).looksAt;
          return typeof own === 'function' ? own(around) : own;
        }),
        ...orderKind(order.by).looksAt,
        ...(soldOut === 'asTheyCome' ? [] : (['inStock'] as const)),
        ...ALWAYS,
      ];
      return [RULE, ...looksAt.map(ruleRead)];
    }
    case 'categories':
      return [CATEGORIES];
    case 'collections':
      return [COLLECTIONS];
    case 'entries':
      return [ENTRIES];
    case 'pictures':
      return [];
  }
}
