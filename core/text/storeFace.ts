import type { Face } from './face.ts';
import literata from './faces/literata.json' with { type: 'json' };

/** The typeface of the storefront, as read by `readFace`. */
export const storeFace: Face = literata;
