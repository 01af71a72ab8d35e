import { bandById, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { partKind } from '../card/parts/index.ts';
import { innerWidth } from '../geometry/steps.ts';
import { isUsed, layoutKind } from '../layouts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { counted } from '../sentence/sentence.ts';
import { cardPxIn, clippedAt, lookedAtPx, type Clipped } from '../view/clipped.ts';
import type { ShelfView, StepView } from '../view/view.ts';
import { keptForShelf } from '../view/keptForShelf.ts';
import { ofShelves, type Fix, type FoundOnShelf, type PageCheck } from './check.ts';
import { linesFix } from './linesFix.ts';

interface At extends Clipped {
  step: StepView;
}

const isShort = ({ rows, full }: StepView['rows']) => rows > 1 && !full;

/** The most columns at which nothing of a step is cut and no row becomes short; null where there are none. */
function fewerColumns(drawn: ShelfView, shelf: Shelf, step: StepView, bands: Bands): number | null {
  const innerPx = innerWidth(drawn.room, bands, step.bandId, lookedAtPx(step, bands));
  const { cardPx, rows } = layoutKind(step.layout);
  const shown = step.shows.end - step.shows.start;
  for (let across = step.across - 1; across >= 1; across -= 1) {
    const short = shelf.amount.by === 'items' && !isShort(step.rows) && isShort(rows(shown, across));
    if (!short && clippedAt(drawn, step, bands, cardPx({ ...step, across }, innerPx)).length === 0)
      return across;
  }
  return null;
}

/** Fewer columns at the widths at which something is cut; the others keep theirs. */
function columnsFix(drawn: ShelfView, shelf: Shelf, cut: readonly At[], bands: Bands): Fix | null {
  if (shelf.columns.by !== 'count') return null;
  const value: Record<string, number> = {};
  const changed: string[] = [];
  for (const step of drawn.steps) {
    const isCut = cut.some((one) => one.step === step);
    if (isCut && !isUsed('columns.count', [step.layout])) return null;
    const across = isCut
      ? fewerColumns(drawn, shelf, step, bands)
      : valueAt(shelf.columns.count, bands, step.bandId);
    if (across === null) return null;
    value[step.bandId] = across;
    if (isCut) changed.push(step.bandId);
  }
  const [first] = changed;
  return {
    words:
      changed.length === 1
        ? `Use ${counted(value[first!]!, 'column')} on ${bandById(bands, first!)!.name}`
        : 'Use fewer columns',
    command: { do: 'set', on: { shelf: shelf.id }, setting: 'columns.count', value },
  };
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
    fix:
      linesFix(drawn.id, worst.part, Math.max(...ofPart.map(({ needed }) => needed))) ??
      columnsFix(drawn, shelf, ofPart, bands),
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
