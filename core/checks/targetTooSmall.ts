import { bandById, type Bands } from '../bands/bands.ts';
import { LEAST_TARGET_PX } from '../card/leastTarget.ts';
import type { Shelf } from '../plan/shelf.ts';
import { listed } from '../sentence/sentence.ts';
import { cardPxIn, lookedAtPx } from '../view/clipped.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { ofShelves, type FoundOnShelf, type PageCheck } from './check.ts';
import { columnsFix } from './columnsFix.ts';

const isSmall = (_: StepView, cardPx: number): boolean => cardPx < LEAST_TARGET_PX;

function smallOn(drawn: ShelfView, shelf: Shelf, bands: Bands): FoundOnShelf | null {
  const widths = drawn.steps.map((step) => ({
    step,
    cardPx: cardPxIn(drawn, step, bands, lookedAtPx(step, bands)),
  }));
  const small = widths.filter(({ step, cardPx }) => isSmall(step, cardPx));
  const [first] = [...small].sort((a, b) => a.cardPx - b.cardPx);
  if (!first) return null;
  const names = [...new Set(small.map(({ step }) => bandById(bands, step.bandId)!.name))];
  return {
    text: `Cards are ${Math.max(0, Math.floor(first.cardPx))} px wide on ${listed(names)}, too small to be hit with a finger`,
    fix: columnsFix(drawn, shelf, new Set(small.map(({ step }) => step)), bands, isSmall),
    goTo: 'columns',
  };
}

/** Cards that are too small to be hit. Whatever else is pressed on a card is as large as it should be, or as its card. */
export const targetTooSmall: PageCheck = {
  id: 'target-too-small',
  title: 'Cards that are too small to be hit',
  severity: 'wrong',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (drawn) => {
      const shelf = plan.shelves[drawn.id];
      return shelf && drawn.cards.length > 0 ? smallOn(drawn, shelf, view.bands) : null;
    }),
};
