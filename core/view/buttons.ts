import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import type { AnyPart, PartView } from '../card/parts/index.ts';
import { ZONE_PADDING_PX } from '../card/zones.ts';
import { eachText, textsOf } from './cardTexts.ts';
import { partsInZones, picturePxOf } from './onPicture.ts';
import { sizeIn, widthOfPart } from './partViews.ts';
import type { CardView, StepView } from './view.ts';

/** A button whose words need more than one line. */
export interface WrappedButton {
  /** Id of the part. */
  part: string;
  lines: number;
}

/** Buttons of a card whose words have no room on one line, at a step where cards are `cardPx` wide. */
export function wrappedButtons(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  cardPx: number,
): WrappedButton[] {
  const found: WrappedButton[] = [];
  const look = (kind: AnyPart, view: PartView, px: number) => {
    // One that has room on a line needs no more.
    if (!kind.buttonLines || widthOfPart(kind, view, sizeIn(step, kind)) <= px) return;
    const lines = kind.buttonLines(view, px, sizeIn(step, kind));
    if (lines > 1) found.push({ part: kind.id, lines });
  };
  eachText(textsOf(card, settings, step, bands, cardPx), ({ kind, view, px }) => look(kind, view, px));
  if (step.hasPicture) {
    const roomPx = picturePxOf(step, cardPx) - 2 * ZONE_PADDING_PX;
    for (const { kind, view } of partsInZones(card, settings, bands, step.bandId)) look(kind, view, roomPx);
  }
  return found;
}
