/** Where a shopper left a list by a card. */
export interface LeftList {
  shelf: string;
  /** Place of the card in the whole list. */
  place: number;
  /** Where the card stood in the window, px. */
  top: number;
  /** Places of the first and the last card that were shown. */
  first: number;
  last: number;
}

/** What a page keeps of where its shopper was, in its entry of the browser's history: it comes back with the page. */
interface Kept {
  list?: LeftList;
  /** The card that each row in motion was at, by shelf. */
  moved?: Readonly<Record<string, number>>;
}

export const kept = (): Kept => (history.state as Kept | null) ?? {};

/** @param address where the page is to be found from now on, if it is another */
export function keep(more: Partial<Kept>, address: string | URL = location.href): void {
  history.replaceState({ ...kept(), ...more }, '', address);
}
