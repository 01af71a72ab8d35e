import { boolean, number, object, string } from '../schema/schema.ts';
import { assortmentSchema, type Assortment } from '../assortment/assortment.ts';
import type { Varying } from '../bands/varying.ts';
import { cardSchema, varyingSchema, type Card } from '../card/card.ts';
import { MOST_ACROSS, type Across } from '../geometry/steps.ts';
import { LONGEST_NAME } from './words.ts';

/** What becomes of a last row that is not full. */
export type LastRow = 'leave' | 'drop';

/** How many items a shelf (or one of its pages) shows. What is not in use is kept. */
export interface Amount {
  by: 'rows' | 'items';
  rows: Varying<number>;
  items: number;
}

/** One display of one assortment; it can stand in several bays. */
export interface Shelf {
  id: string;
  /** The name in the owner's own list. */
  name: string;
  /** The saved assortment that it shows; null while it shows one of its own. */
  assortmentId: string | null;
  /** Its own; kept while a saved one is shown. */
  assortment: Assortment;
  /** Leave out products that bays above it show on their first page. */
  notTwice: boolean;
  form: 'grid';
  across: Across;
  gap: { column: Varying<number>; row: Varying<number> };
  amount: Amount;
  pager: 'none' | 'numbered';
  lastRow: Varying<LastRow>;
  card: Card;
}

export const MOST_ROWS = 100;
export const MOST_ITEMS = 500;
export const WIDEST_GAP_PX = 120;
export const SMALLEST_CARD_PX = 60;
export const LARGEST_CARD_PX = 1200;

const gap = varyingSchema(number().integer().min(0).max(WIDEST_GAP_PX).required());

export const shelfSchema = object({
  id: string()
    .matches(/^[a-z0-9-]{1,60}$/, 'An id has small letters, digits and hyphens.')
    .required(),
  name: string().max(LONGEST_NAME).defined(),
  assortmentId: string().max(60).nullable().defined(),
  assortment: assortmentSchema,
  notTwice: boolean().required(),
  form: string().oneOf(['grid']).required(),
  across: object({
    by: string().oneOf(['count', 'width']).required(),
    count: varyingSchema(number().integer().min(1).max(MOST_ACROSS).required()),
    smallest: varyingSchema(number().integer().min(SMALLEST_CARD_PX).max(LARGEST_CARD_PX).required()),
  }).noUnknown(),
  gap: object({ column: gap, row: gap }).noUnknown(),
  amount: object({
    by: string().oneOf(['rows', 'items']).required(),
    rows: varyingSchema(number().integer().min(1).max(MOST_ROWS).required()),
    items: number().integer().min(1).max(MOST_ITEMS).required(),
  }).noUnknown(),
  pager: string().oneOf(['none', 'numbered']).required(),
  lastRow: varyingSchema(string().oneOf(['leave', 'drop']).required()),
  card: cardSchema,
}).noUnknown();
