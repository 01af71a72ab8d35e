/** Where a page is seen. */
export interface PageAddress {
  path: string;
  /** First item by shelf, for those that do not begin at 0. */
  from: Readonly<Record<string, number>>;
  /** The open tab by bay, for those whose first is not. */
  open: Readonly<Record<string, string>>;
}

/** The parameter that says which item a shelf begins at. */
export const fromParameter = (shelfId: string): string => `${shelfId}.from`;

/** The parameter that says which tab of a bay is open. */
const TAB = '.tab';
export const tabParameter = (bayId: string): string => `${bayId}${TAB}`;
export const isTabParameter = (name: string): boolean => name.endsWith(TAB);

function href({ path, from, open }: PageAddress, anchor: string): string {
  const query = [
    ...Object.entries(from).flatMap(([id, first]) => (first > 0 ? [[fromParameter(id), String(first)]] : [])),
    ...Object.entries(open).map(([id, tab]) => [tabParameter(id), tab]),
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
 * Address of the page with another tab of a bay open; null for its first, which needs no saying.
 * @param shelves of the bay, which begin at their first item again
 * @param anchor what the window comes to
 */
export function hrefTab(
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
