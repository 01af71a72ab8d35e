import { LEAST_TARGET_PX } from '../card/leastTarget.ts';

/** Measures of swatches, px, as the storefront draws them. */
export const SWATCH_PX = {
  /** The least that can be hit with ease. */
  least: LEAST_TARGET_PX,
  gap: 6,
  /** Between a swatch and its name. */
  beside: 6,
  /** Within the border of words, at each end. */
  padding: 8,
  border: 1,
};
