import type { CardView, ShelfView, StepView } from './view.ts';

/** The cards that a step shows, of all that its shelf holds. */
export const shownIn = ({ cards, held }: ShelfView, { shows }: StepView): readonly CardView[] =>
  cards.slice(shows.start - held.start, shows.end - held.start);
