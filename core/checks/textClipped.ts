import { bandById, type Bands } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { counted } from '../sentence/sentence.ts';
import { cardPxIn, clippedAt, lookedAtPx, type Clipped } from '../view/clipped.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import { ofShelves, type FoundOnShelf, type PageCheck } from './check.ts';
import { columnsFix } from './columnsFix.ts';
import { linesFix } from './linesFix.ts';

interface At extends Clipped {
  step: StepView;
}

const keep = keptForShelf<FoundOnShelf | null>();

/** What of a shelf is cut short, with its fix. */
function cutOn(drawn: ShelfView, shelf: Shelf, bands: Bands): FoundOnShelf | null {
  const cut = drawn.steps.flatMap((step): At[] => {
    const cardPx = cardPxIn(drawn, step, bands, lookedAtPx(step, bands));
    return clippedAt(drawn, step, bands, cardPx).map((one) => ({ ...one, step }));
  });
  const [worst] = [...cut].sort((a, b) => b.count - a.count);
  if (!worst) return null;
  const ofPart = cut.filter(({ part }) => part === worst.part);
  const bandIds = new Set(ofPart.map(({ step }) => step.bandId));
  const { shows, bandId } = worst.step;
  const count = `${worst.count} of the ${shows.end - shows.start} shown`;
  const name = bandById(bands, bandId)!.name;
  return {
    text:
      `${partKind(worst.part)!.name} clipped on ${name}: ${count}` +
      (bandIds.size > 1 ? `, and on ${counted(bandIds.size - 1, 'more width')}` : ''),
    element: worst.part,
    fix:
      linesFix(drawn.id, worst.part, Math.max(...ofPart.map(({ needed }) => needed))) ??
      columnsFix(
        drawn,
        shelf,
        new Set(ofPart.map(({ step }) => step)),
        bands,
        (step, cardPx) => clippedAt(drawn, step, bands, cardPx).length > 0,
      ),
    goTo: 'card',
  };
}

/** Titles, and other text that should be whole, with more lines than they may have. */
export const textClipped: PageCheck = {
  id: 'text-clipped',
  title: 'Text that is cut short',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) =>
    ofShelves(view, (drawn) => {
      const shelf = plan.shelves[drawn.id];
      return shelf ? keep(drawn, view.bands, () => cutOn(drawn, shelf, view.bands), shelf) : null;
    }),
};
