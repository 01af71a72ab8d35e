import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { ZONE_PADDING_PX } from '../card/zones.ts';
import { textsOf } from './cardTexts.ts';
import { partsInZones, picturePxOf } from './onPicture.ts';
import { widthOfPart } from './partViews.ts';
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
  if (!card.parts.some(({ part }) => partKind(part)?.buttonLines)) return [];
  const { lead, texts } = textsOf(card, settings, step, bands, cardPx);
  const roomPx = picturePxOf(step, cardPx) - 2 * ZONE_PADDING_PX;
  const onPicture = step.hasPicture ? partsInZones(card, settings, bands, step.bandId) : [];
  const all = [...[...lead, ...texts].flat(), ...onPicture.map((one) => ({ ...one, px: roomPx }))];
  return all.flatMap(({ kind, view, px }) => {
    // One that has room on a line needs no more.
    if (!kind.buttonLines || widthOfPart(kind, view) <= px) return [];
    const lines = kind.buttonLines(view, px);
    return lines > 1 ? [{ part: kind.id, lines }] : [];
  });
}
