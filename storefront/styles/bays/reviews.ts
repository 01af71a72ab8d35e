import { BELOW_STARS_PX } from '../../../core/bays/reviews.ts';

/** Rules of pages that say what buyers think of a product. */
export const reviewsCss = `.reviews{display:flex;flex-direction:column;gap:${BELOW_STARS_PX}px}`;
