import type { StepView } from '../view/view.ts';

type Wrapped = Pick<StepView, 'insidePx' | 'border'>;

/** What of a card's width its picture and texts do not have, px. */
export const cardSides = ({ insidePx, border }: Wrapped): number => 2 * (insidePx + border.endsPx);

/** What of a card's height they do not have, px. */
export const cardEnds = ({ insidePx, border }: Wrapped): number => 2 * (insidePx + border.acrossPx);
