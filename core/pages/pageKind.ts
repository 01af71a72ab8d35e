import type { Around } from '../assortment/kinds.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { CategoryFacts, EntryDetail, ProductDetail } from '../catalogue/facts.ts';
import type { Link } from '../view/view.ts';

/** What a page is about, as far as it is about anything of the catalogue. */
export interface About {
  category?: CategoryFacts | null;
  collection?: { id: number; slug: string; name: string } | null;
  product?: ProductDetail | null;
  entry?: EntryDetail | null;
}

/** Everything a page can be. What its address asks for is read by the server under the same id. */
export interface PageKind {
  id: string;
  name: string;
  /** Where it is: below these steps, by a slug if it has one. */
  address: { steps: readonly string[]; slugged: boolean };
  /** Its address in words, for the owner. */
  at: string;
  /** What it needs of the catalogue; it is nowhere where that is gone. */
  needs: keyof About | null;
  /** Parameters of its address that it reads; all others are dropped from it. */
  reads: readonly string[];
  /** Any number of pages can be of it, each with a slug of its own; else one is arranged for all of the kind. */
  many: boolean;
  /** The listing that it is about, which a shelf on it may show. */
  around(about: About): Around;
  /** What its first heading and its title say; null for the page's own name. */
  named(about: About): string | null;
  /** The title is the store's name alone. */
  titledByStore?: boolean;
  /** The way to it, from the top down and without itself. */
  trail(about: About, tree: CategoryTree): Link[];
}

export const linkTo = (words: string, href: string): Link => ({ words, href, current: false });

/** What most kinds of page are: about nothing, and with nothing above them. */
export const plainPage = {
  needs: null,
  reads: [],
  many: false,
  around: () => null,
  named: () => null,
  trail: () => [],
} satisfies Partial<PageKind>;
