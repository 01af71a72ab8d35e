import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Around } from '../assortment/kinds.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { CategoryFacts, EntryDetail, PictureFacts, ProductDetail } from '../catalogue/facts.ts';
import type { Neighbours } from '../catalogue/neighbours.ts';
import type { StoredBay } from '../bays/index.ts';
import type { Basket } from '../shopper/basket.ts';
import type { OrderFacts, OrderInList } from '../shopper/order.ts';
import type { Found } from '../search/found.ts';
import type { SentForm } from '../shopper/shopper.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import type { Parameter } from '../view/address.ts';
import type { Link } from '../view/view.ts';

/** Everything that a page can be about, of the catalogue or of one shopper. */
export interface AboutKinds {
  category?: CategoryFacts | null;
  collection?: {
    id: number;
    slug: string;
    name: string;
    description?: string;
    picture?: PictureFacts | null;
  } | null;
  product?: ProductDetail | null;
  entry?: EntryDetail | null;
  basket?: Basket | null;
  order?: OrderFacts | null;
  /** The orders that a shopper's browser remembers, the most recent first. */
  account?: { orders: readonly OrderInList[] } | null;
  search?: Found | null;
  /** Ids of products that the shopper keeps for later, the most recent first. */
  saved?: readonly number[] | null;
}

/** What a page is about, and on a shopper's own page what that shopper just did there. */
export interface About extends AboutKinds {
  sent?: SentForm | null;
  done?: boolean;
  /** What stands before and after the product, where that is shown. */
  neighbours?: Neighbours | null;
  /** A quote is asked for, whatever the store does else. */
  asksQuote?: boolean;
  /** What would name an order that is placed from here. */
  token?: string;
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
  needs: keyof AboutKinds | null;
  /** Parameters of its address that it reads, each as far as it is known; all others are dropped from it. */
  reads: Readonly<Record<string, (about: About) => string | null>>;
  /** It is made for one shopper, from that shopper's own, each time it is asked for; nobody keeps it. */
  own?: boolean;
  /** Stores that were begun before there was such a page have it too. */
  everywhere?: boolean;
  /** It is no page by itself but the edge of every page: its bays stand above or below those that the page has. */
  edge?: 'head' | 'foot';
  /** What shoppers see first: what sells most is looked for on it. */
  front?: boolean;
  /** It stands at every address where there is nothing. */
  nowhere?: boolean;
  /** It has no place: its bays are kept so that they can be put into other pages. */
  kept?: boolean;
  /** What it is where it is shared, if that is more than a page (ogp.me). */
  sharedAs?: 'product' | 'article';
  /** The kind of page at whose address search engines look for what it says. */
  standsFor?: string;
  /** One of what it is about can have an arrangement of its own. */
  singly?: boolean;
  /** The address of the page that is this one with no more than a list of it narrowed; null where there is none. */
  narrowedTo?(parameters: readonly Parameter[]): string | null;
  /** It is a list: what an address says of its first shelf with tools needs no name before it. */
  lists?: true;
  /** There is no end to what its address may ask for: it is made each time, and found by no search engine. */
  endless?: true;
  /** Any number of pages can be of it, each with a slug of its own; else one is arranged for all of the kind. */
  many: boolean;
  /** The listing that it is about, which a shelf on it may show. */
  around(about: About): Around;
  /** What its first heading and its title say; null for the page's own name. */
  named(about: About, texts: StoreTexts): string | null;
  /** What it is about in a sentence or two, for search results; null where nothing is said of that. */
  described(about: About, texts: StoreTexts): string | null;
  /** The picture of what it is about; null where that has none. */
  pictured?(about: About): PictureFacts | null;
  /** What it says where it lists nothing. */
  none?(texts: StoreTexts): string;
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
