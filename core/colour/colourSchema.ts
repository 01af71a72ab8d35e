import { string } from '../schema/schema.ts';

/** An opaque colour, #rrggbb. */
export const COLOUR = /^#[0-9a-f]{6}$/i;

export const colourSchema = string().matches(COLOUR, 'A colour is written #rrggbb.');
