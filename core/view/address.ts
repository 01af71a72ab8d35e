import type { LayoutId } from '../layouts/index.ts';
import type { Choice } from '../listing/choice.ts';
import type { AnySort } from '../listing/sorts.ts';

/** A parameter of an address; one name may stand in it several times. */
export type Parameter = readonly [name: string, value: string];

/** What an address chooses of a list. */
export interface GivenListing {
  choices: readonly Choice[];
  words: string;
  sort: AnySort | null;
  /** The layout that it is shown in; null for its own. */
  view: LayoutId | null;
  /** More of it is seen at once. */
  dense: boolean;
  /** The same as parameters, in one order. */
  parameters: readonly Parameter[];
}

export const NOTHING_CHOSEN: GivenListing = {
  choices: [],
  words: '',
  sort: null,
  view: null,
  dense: false,
  parameters: [],
};

/** Where a page is seen. */
export interface PageAddress {
  path: string;
  /** First item by shelf, for those that do not begin at 0. */
  from: Readonly<Record<string, number>>;
  /** What of a bay is shown, by bay, where that is not what is shown at first: a tab, the thanks for a form. */
  open: Readonly<Record<string, string>>;
  /** What the page itself reads of its address. */
  asked?: readonly Parameter[];
  /** What is chosen of lists, by shelf, where anything is. */
  listings?: Readonly<Record<string, GivenListing>>;
}

/** The parameter that says which item a shelf begins at. */
export const fromParameter = (shelfId: string): string => `${shelfId}.from`;

/** The parameter that says what of a bay is shown. */
const SHOWS = '.shows';
export const showsParameter = (bayId: string): string => `${bayId}${SHOWS}`;
export const isShowsParameter = (name: string): boolean => name.endsWith(SHOWS);

/** Parameters in the one order that they have in addresses. */
export const inOrder = (parameters: readonly Parameter[]): Parameter[] =>
  [...parameters].sort(([a, x], [b, y]) => compared(a, b) || compared(x, y));

const compared = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

function href({ path, asked = [], from, open, listings }: PageAddress, anchor: string): string {
  const query = inOrder([
    ...asked,
    ...Object.values(listings ?? {}).flatMap(({ parameters }) => parameters),
    ...Object.entries(from).flatMap(([id, first]): Parameter[] =>
      first > 0 ? [[fromParameter(id), String(first)]] : [],
    ),
    ...Object.entries(open).map(([id, tab]): Parameter => [showsParameter(id), tab]),
  ])
    .map(([name, value]) => `${encodeURIComponent(name)}=${encodeURIComponent(value)}`)
    .join('&');
  return `${path}${query ? `?${query}` : ''}#${encodeURIComponent(anchor)}`;
}

/** Address of the page with one shelf beginning at another item. */
export const hrefFrom = (address: PageAddress, shelfId: string, from: number): string =>
  href({ ...address, from: { ...address.from, [shelfId]: from } }, `shelf-${shelfId}`);

/**
 * Address of the page with something else of a bay shown; null for what is at first, which needs no saying.
 * @param shelves of the bay, which begin at their first item again
 * @param anchor what the window comes to
 */
export function hrefShows(
  address: PageAddress,
  bayId: string,
  tab: string | null,
  shelves: readonly string[],
  anchor: string,
): string {
  const from = Object.fromEntries(Object.entries(address.from).filter(([id]) => !shelves.includes(id)));
  const { [bayId]: _, ...others } = address.open;
  return href({ ...address, from, open: tab === null ? others : { ...others, [bayId]: tab } }, anchor);
}

/** The id of a list with its tools. */
export const listAnchor = (shelfId: string): string => `list-${shelfId}`;

/** Address of the page with something else chosen of a list, which begins at its first item unless another is said. */
export function hrefListing(
  address: PageAddress,
  shelfId: string,
  parameters: readonly Parameter[],
  first = 0,
): string {
  const from = { ...address.from, [shelfId]: first };
  const listings = { ...address.listings, [shelfId]: { ...NOTHING_CHOSEN, parameters } };
  return href({ ...address, from, listings }, listAnchor(shelfId));
}
