import type { Bands } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import type { Fix } from '../checks/check.ts';
import { iconFix } from '../checks/buttonTextClipped.ts';
import { linesFix } from '../checks/linesFix.ts';
import { withTheText } from '../checks/withTheText.ts';
import { counted } from '../sentence/sentence.ts';
import { wrappedButtons } from '../view/buttons.ts';
import { clippedAt } from '../view/clipped.ts';
import { overlapping } from '../view/onPicture.ts';
import type { CardView, ShelfView, StepView } from '../view/view.ts';

/** What is wrong with one card, in one sentence, and what mends it. */
export interface CardFault {
  text: string;
  fix: Fix | null;
}

/**
 * What measuring finds wrong with one card of a shelf.
 * @param cardPx its width, px
 */
export function cardFaults(
  shelf: ShelfView,
  card: CardView,
  step: StepView,
  bands: Bands,
  cardPx: number,
): CardFault[] {
  const alone = { ...shelf, cards: [card], held: { start: 0, end: 1 } };
  const shown = { ...step, shows: { start: 0, end: 1 } };
  const name = (part: string) => partKind(part)!.name;
  return [
    ...clippedAt(alone, shown, bands, cardPx).map(({ part, needed }) => ({
      text: `${name(part)} clipped: it needs ${counted(needed, 'line')}`,
      fix: linesFix(shelf.id, part, needed),
    })),
    ...wrappedButtons(card, shelf.card, step, bands, cardPx).map(({ part, lines }) => ({
      text: `${name(part)} needs ${counted(lines, 'line')} for its words`,
      fix: iconFix(shelf, part),
    })),
    ...overlapping(card, shelf.card, step, bands, cardPx).map((part) => ({
      text: `${name(part)} comes over something else on the picture`,
      fix: withTheText(shelf, part, new Set([step.bandId]), bands),
    })),
  ];
}
