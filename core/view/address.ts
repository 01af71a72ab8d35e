/** Where a page is seen. */
export interface PageAddress {
  path: string;
  /** First item by shelf, for those that do not begin at 0. */
  from: Readonly<Record<string, number>>;
}

/** The parameter that says which item a shelf begins at. */
export const fromParameter = (shelfId: string): string => `${shelfId}.from`;

/** Address of the page with one shelf beginning at another item. */
export function hrefFrom(address: PageAddress, shelfId: string, from: number): string {
  const all = { ...address.from, [shelfId]: from };
  const query = Object.entries(all)
    .filter(([, first]) => first > 0)
    .map(([id, first]) => `${encodeURIComponent(fromParameter(id))}=${first}`)
    .sort()
    .join('&');
  return `${address.path}${query ? `?${query}` : ''}#${encodeURIComponent(`shelf-${shelfId}`)}`;
}
