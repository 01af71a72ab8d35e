import { shortSteps } from '../checks/rowsLeftShort.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Bands } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import { cardPxIn, clippedAt, clippedBelow } from './clipped.ts';
import { shelvesIn } from './shelvesIn.ts';
import type { BayView, ShelfView, StepView } from './view.ts';

/** Widths at which something of a bay is not as it should be, and what. */
export interface Trouble {
  from: number;
  /** px, exclusive. */
  to: number;
  words: string;
}

/** Ranges of widths at which a row is left short, what should move cannot, or a text is cut short; narrow to wide. */
export function troublesOf(bay: BayView | undefined, bands: Bands): Trouble[] {
  if (!bay || bay.empty) return [];
  return shelvesIn(bay).flatMap((shelf) => troublesOfShelf(shelf, bands));
}

/** What is wrong of a whole step, in words. */
function wrongOf(step: StepView, short: ReadonlySet<StepView>): string | null {
  if (short.has(step)) return `the last row has ${step.rows.last} of ${step.across}`;
  const stuck = layoutKind(step.layout).moves && !step.motion.moves && step.shows.end > step.shows.start;
  return stuck ? `the ${step.layout} has nothing to move` : null;
}

function troublesOfShelf(shelf: ShelfView, bands: Bands): Trouble[] {
  const short = new Set(shortSteps(shelf));
  const found: Trouble[] = [];
  const add = (from: number, to: number, words: string) => {
    const last = found.at(-1);
    if (last?.to === from && last.words === words) last.to = to;
    else found.push({ from, to, words });
  };
  for (const step of shelf.steps) {
    const wrong = wrongOf(step, short);
    if (wrong) {
      add(step.from, step.to, wrong);
      continue;
    }
    const below = clippedBelow(shelf, step, bands);
    if (below <= step.from) continue;
    const [cut] = clippedAt(shelf, step, bands, cardPxIn(shelf, step, bands, Math.max(step.from, below - 1)));
    const name = cut ? partKind(cut.part)!.name.toLowerCase() : 'text';
    add(step.from, below, `a ${name} is cut short`);
  }
  return found;
}
