import { fold } from '../catalogue/fold.ts';
import { currencyOf } from '../catalogue/currencyOf.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { PictureFacts, ProductFacts } from '../catalogue/facts.ts';
import { saidPrice } from '../catalogue/saidPrice.ts';
import { showsPrices } from '../catalogue/selling.ts';
import { soldAs } from '../group/soldAs.ts';
import type { House } from '../plan/house.ts';
import { textsFor } from '../texts/index.ts';
import type { Found } from './found.ts';

/** Products that are suggested, and categories before them. */
export const MOST_SUGGESTED = 6;
const MOST_CATEGORIES = 2;

/** One of what is suggested while a search is typed. */
export interface Suggestion {
  href: string;
  words: string;
  /** Its price, or how many it holds; empty where nothing is said. */
  aside: string;
  /** Null for a category. */
  picture: PictureFacts | null;
  /** It is a product, with or without a picture. */
  pictured: boolean;
}

export interface Suggestions {
  all: readonly Suggestion[];
  /** The whole of what was found; null where nothing was. */
  rest: { href: string; words: string } | null;
  /** Said aloud. */
  said: string;
}

/**
 * What is suggested for a search: categories that are called so, the products that match best, and the way to all.
 * @param products in the order in which they were found
 */
export function suggestionsOf(
  found: Found,
  products: readonly ProductFacts[],
  tree: CategoryTree,
  house: House,
): Suggestions {
  const texts = textsFor(house);
  const currency = currencyOf(house);
  const asked = fold(found.words).split(' ').filter(Boolean);
  const isCalled = (name: string) => {
    const own = fold(name).split(' ');
    return asked.length > 0 && asked.every((word) => own.some((one) => one.startsWith(word)));
  };
  const categories = tree.all
    .filter(({ name, products: count, catchAll }) => count > 0 && !catchAll && isCalled(name))
    .slice(0, MOST_CATEGORIES);
  const nothing = found.how === 'nothing';
  const all: Suggestion[] = [
    ...categories.map(({ slug, name, products: count }) => ({
      href: `/category/${encodeURIComponent(slug)}`,
      words: name,
      aside: texts.productsFound(count),
      picture: null,
      pictured: false,
    })),
    ...(nothing ? [] : products).map((product) => {
      const { now, before, from } = saidPrice(product.price, currency, texts);
      const price = [from, now, before && `(${before})`].filter(Boolean).join(' ');
      return {
        href: `/product/${encodeURIComponent(product.slug)}`,
        words: product.title,
        aside: showsPrices(soldAs(product, house)) ? price : '',
        picture: product.pictures[0] ?? null,
        pictured: true,
      };
    }),
  ];
  return {
    all,
    rest: nothing
      ? null
      : { href: `/search?q=${encodeURIComponent(found.words)}`, words: texts.allFound(found.ids.length) },
    said: texts.suggested(all.length),
  };
}
