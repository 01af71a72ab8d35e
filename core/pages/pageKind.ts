import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Around } from '../assortment/kinds.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { CategoryFacts, EntryDetail, ProductDetail } from '../catalogue/facts.ts';
import type { StoredBay } from '../bays/index.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import type { Link } from '../view/view.ts';

/** What a page is about, as far as it is about anything of the catalogue. */
export interface About {
  category?: CategoryFacts | null;
  collection?: { id: number; slug: string; name: string; description?: string } | null;
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
  /** Parameters of its address that it reads, each as far as it is known; all others are dropped from it. */
  reads: Readonly<Record<string, (about: About) => string | null>>;
  /** Any number of pages can be of it, each with a slug of its own; else one is arranged for all of the kind. */
  many: boolean;
  /** The listing that it is about, which a shelf on it may show. */
  around(about: About): Around;
  /** What its first heading and its title say; null for the page's own name. */
  named(about: About): string | null;
  /** What it is about in a sentence or two, for search results; null where nothing is said of that. */
  described(about: About): string | null;
  /** The title is the store's name alone. */
  titledByStore?: boolean;
  /** The way to it, from the top down and without itself. */
  trail(about: About, tree: CategoryTree, texts: StoreTexts): Link[];
  /** What a new store has on it; null where it has no such page. */
  first: { bays: readonly StoredBay[]; shelves?: readonly StoredShelf[] } | null;
}

export const linkTo = (words: string, href: string): Link => ({ words, href, current: false });

/** A page that is one list, and what that shows of which. */
export const listed = (
  id: string,
  name: string,
  assortment: StoredShelf['assortment'],
): PageKind['first'] => ({
  bays: [{ id, holds: 'shelf', shelfId: id }],
  shelves: [{ id, name, ...(assortment && { assortment }), paging: { by: 'numbered' } }],
});

/** The list that a page is about, the best sold first. */
export const AROUND: StoredShelf['assortment'] = {
  of: 'products',
  rule: { join: 'all', parts: [{ is: 'around' }] },
  order: { by: 'bestSold', days: 90 },
  soldOut: 'toTheEnd',
};

/** What most kinds of page are: about nothing, and with nothing above them. */
export const plainPage = {
  needs: null,
  reads: {},
  many: false,
  around: () => null,
  named: () => null,
  described: () => null,
  trail: () => [],
  first: null,
} satisfies Partial<PageKind>;
