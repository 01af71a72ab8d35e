import { colourSchema } from '../colour/colourSchema.ts';
import { array, boolean, lazy, mixed, number, object, string } from '../schema/schema.ts';
import type { Varying } from '../bands/varying.ts';
import { varyingSchema } from '../card/card.ts';
import { LONGEST_HEADING } from './words.ts';

export interface Heading {
  /** Empty words, no heading. */
  words: string;
  level: 1 | 2 | 3 | 4;
  align: 'start' | 'center' | 'end';
}

export interface BayLook {
  /** As wide as the window, kept to the content, or of its own greatest width. */
  width: 'window' | 'content' | 'own';
  /** Its own greatest width, px; kept while it is not in use. */
  ownPx: number;
  /** Space at each side, px; null for the house's. */
  margin: Varying<number> | null;
  /** #rrggbb, or null for the page's own ground. */
  ground: string | null;
  /** px. */
  above: Varying<number>;
  below: Varying<number>;
}

/** What every bay has, whatever it holds. */
export interface BayBase {
  id: string;
  heading: Heading;
  look: BayLook;
  /** Bands it stands at; null for every one. */
  bands: string[] | null;
  /** Taken off the public page, kept in the draft. */
  hidden: boolean;
}

export const MOST_SPACE_PX = 400;
export const MOST_MARGIN_PX = 200;
export const NARROWEST_BAY_PX = 240;
export const WIDEST_BAY_PX = 2560;
const margin = varyingSchema(number().integer().min(0).max(MOST_MARGIN_PX).required());
const space = varyingSchema(number().integer().min(0).max(MOST_SPACE_PX).required());

export const bayBaseShape = {
  id: string()
    .matches(/^[a-z0-9-]{1,60}$/, 'An id has small letters, digits and hyphens.')
    .required(),
  heading: object({
    words: string().max(LONGEST_HEADING).defined(),
    level: number().oneOf([1, 2, 3, 4]).required(),
    align: string().oneOf(['start', 'center', 'end']).required(),
  }).noUnknown(),
  look: object({
    width: string().oneOf(['window', 'content', 'own']).required(),
    ownPx: number().integer().min(NARROWEST_BAY_PX).max(WIDEST_BAY_PX).required(),
    margin: lazy((value: unknown) => (value === null ? mixed().nullable() : margin)),
    ground: colourSchema.nullable().defined(),
    above: space,
    below: space,
  }).noUnknown(),
  bands: array(string().max(60).required())
    .min(1, 'A bay stands at one band at least.')
    .max(6)
    .nullable()
    .defined(),
  hidden: boolean().required(),
};
