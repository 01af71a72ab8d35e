import type { TextSize } from '../card/textSize.ts';

/** Text of a bay as the base sheet has it. */
export const BAY_TEXT: TextSize = { fontPx: 16, linePx: 24, weight: 400 };

/** A button of a page on one line, with the space above it, px; and what of its width its text does not have. */
export const BUTTON_PX = 66;
export const BUTTON_ENDS_PX = 40;
