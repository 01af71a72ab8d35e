/** Where a page is seen. */
export interface PageAddress {
  path: string;
  /** First item by shelf, for those that do not begin at 0. */
  from: Readonly<Record<string, number>>;
  /** What of a bay is shown, by bay, where that is not what is shown at first: a tab, the thanks for a form. */
  open: Readonly<Record<string, string>>;
}

/** The parameter that says which item a shelf begins at. */
export const fromParameter = (shelfId: string): string => `${shelfId}.from`;

/** The parameter that says what of a bay is shown. */
const SHOWS = '.shows';
export const showsParameter = (bayId: string): string => `${bayId}${SHOWS}`;
export const isShowsParameter = (name: string): boolean => name.endsWith(SHOWS);

function href({ path, from, open }: PageAddress, anchor: string): string {
  const query = [
    ...Object.entries(from).flatMap(([id, first]) => (first > 0 ? [[fromParameter(id), String(first)]] : [])),
    ...Object.entries(open).map(([id, tab]) => [showsParameter(id), tab]),
  ]
    .map(([name, value]) => `${encodeURIComponent(name!)}=${encodeURIComponent(value!)}`)
    .sort()
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
