import { string } from '../schema/schema.ts';

/** An opaque colour, #rrggbb. */
export const colourSchema = string().matches(/^#[0-9a-f]{6}$/i, 'A colour is written #rrggbb.');
