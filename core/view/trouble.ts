import { shortSteps } from '../checks/rowsLeftShort.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Bands } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import { LEAST_TARGET_PX } from '../card/leastTarget.ts';
import type { Card } from '../card/card.ts';
import { wrappedButtons } from './buttons.ts';
import { cardPxIn, clippedAt, wrongBelow } from './clipped.ts';
import { labelsOver, overlapping } from './onPicture.ts';
import { shelvesIn } from './shelvesIn.ts';
import { shownIn } from './shownIn.ts';
import type { BayView, CardView, ShelfView, StepView } from './view.ts';

/** Widths at which something of a bay is not as it should be, and what. */
export interface Trouble {
  from: number;
  /** px, exclusive. */
  to: number;
  words: string;
}

/** Ranges of widths at which a row is left short, what should move cannot, or something on cards has no room. */
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

/** What has no room at a width of cards, in words; null where all has. */
type NoRoom = (shelf: ShelfView, step: StepView, bands: Bands, cardPx: number) => string | null;

/** Whether anything of the cards of a step is found, and what is said of the first. */
const onCards =
  <F>(
    find: (card: CardView, settings: Card, step: StepView, bands: Bands, cardPx: number) => readonly F[],
    say: (found: F) => string,
  ): NoRoom =>
  (shelf, step, bands, cardPx) => {
    for (const card of shownIn(shelf, step)) {
      const [found] = find(card, shelf.card, step, bands, cardPx);
      if (found !== undefined) return say(found);
    }
    return null;
  };

const named = (part: string): string => partKind(part)!.name.toLowerCase();

/** Everything that more room rights; to add one, list it here. */
const noRoom: readonly NoRoom[] = [
  (_shelf, _step, _bands, cardPx) => (cardPx < LEAST_TARGET_PX ? 'cards are too small to be hit' : null),
  (shelf, step, bands, cardPx) => {
    const [cut] = clippedAt(shelf, step, bands, cardPx);
    return cut ? `a ${named(cut.part)} is cut short` : null;
  },
  onCards(wrappedButtons, () => 'a button needs more than one line'),
  onCards(overlapping, (part) => `the ${named(part)} comes over something else`),
  onCards(labelsOver, () => 'labels come over each other'),
];

function troublesOfShelf(shelf: ShelfView, bands: Bands): Trouble[] {
  const short = new Set(shortSteps(shelf));
  const found: Trouble[] = [];
  const add = (from: number, to: number, words: string) => {
    const before = found.findLast((one) => one.words === words);
    if (before?.to === from) before.to = to;
    else found.push({ from, to, words });
  };
  for (const step of shelf.steps) {
    const wrong = wrongOf(step, short);
    if (wrong) {
      add(step.from, step.to, wrong);
      continue;
    }
    for (const find of noRoom) {
      const below = wrongBelow(shelf, step, bands, (cardPx) => find(shelf, step, bands, cardPx) !== null);
      if (below <= step.from) continue;
      const widest = cardPxIn(shelf, step, bands, Math.max(step.from, below - 1));
      add(step.from, below, find(shelf, step, bands, widest)!);
    }
  }
  return found;
}
