import { shortSteps } from '../checks/rowsLeftShort.ts';
import { layoutKind } from '../layouts/index.ts';
import { shelvesIn } from './shelvesIn.ts';
import type { BayView, ShelfView } from './view.ts';

/** Widths at which something of a bay is not as it should be, and what. */
export interface Trouble {
  from: number;
  /** px, exclusive. */
  to: number;
  words: string;
}

/** Ranges of widths at which a row is left short, or what should move cannot; narrow to wide. */
export function troublesOf(bay: BayView | undefined): Trouble[] {
  if (!bay || bay.empty) return [];
  return shelvesIn(bay).flatMap(troublesOfShelf);
}

function troublesOfShelf(shelf: ShelfView): Trouble[] {
  const short = new Set(shortSteps(shelf));
  const found: Trouble[] = [];
  for (const step of shelf.steps) {
    const { from, to, rows, across } = step;
    const words = short.has(step)
      ? `the last row has ${rows.last} of ${across}`
      : layoutKind(step.layout).moves && !step.motion.moves && step.shows.end > step.shows.start
        ? `the ${step.layout} has nothing to move`
        : null;
    if (!words) continue;
    const last = found.at(-1);
    if (last?.to === from && last.words === words) last.to = to;
    else found.push({ from, to, words });
  }
  return found;
}
