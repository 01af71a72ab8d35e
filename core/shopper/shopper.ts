import type { BasketLine } from './basketLines.ts';

/** A form as it was sent: its values by name, and a sentence about each that is wrong. */
export interface SentForm {
  values: Readonly<Record<string, string>>;
  faults: Readonly<Record<string, string>>;
  /** Id of the bay whose form it is, where a page may have several. */
  bay?: string;
}

/** What the pages of one shopper are made from. */
export interface Shopper {
  basket: readonly BasketLine[];
  /** Ids of the products that are kept for later, the most recent first. */
  saved: readonly number[];
  /** What names the orders that were placed, the most recent first. */
  orders: readonly string[];
  /** What was just sent from the page and could not be taken, to be mended there. */
  sent: SentForm | null;
  /** What would name an order that is placed from this page. */
  token: string;
}
