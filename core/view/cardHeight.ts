import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind, type AnyPart, type PartView } from '../card/parts/index.ts';
import { BESIDE_GAP_PX, placedHeight, placedPicturePx, placedTextPx } from '../card/placing.ts';
import { ofPart } from '../card/shown.ts';
import { textLinesAt } from '../card/slots.ts';
import { PART_GAP_PX, SHARED_GAP_PX, SHARED_MOST } from '../card/text.ts';
import { layoutKind } from '../layouts/index.ts';
import type { CardView, StepView } from './view.ts';

/** Width that texts of a card have, px, where the card is `widthPx` wide. */
export function cardTextPx(step: StepView, widthPx: number): number {
  const { card: manner, groundPaddingPx = 0, picturePx } = layoutKind(step.layout);
  if (manner === 'ground') return widthPx - 2 * groundPaddingPx;
  const innerPx = widthPx - 2 * step.insidePx;
  if (!step.hasPicture) return innerPx;
  return manner === 'beside'
    ? innerPx - (picturePx?.(step, widthPx) ?? 0) - BESIDE_GAP_PX
    : placedTextPx(step.placing, innerPx);
}

/** A part on a line of text, with the width that it has there, px. */
export interface PlacedText {
  kind: AnyPart;
  view: PartView;
  px: number;
}
type TextLine = PlacedText[];

/** The first part of a line has what the others leave of it. */
function lineOf(parts: readonly { kind: AnyPart; view: PartView }[], textPx: number): TextLine {
  const most = (textPx * SHARED_MOST) / 100;
  const [first, ...others] = parts;
  const shared = others.map((one) => ({ ...one, px: Math.min(most, one.kind.widthPx?.(one.view) ?? most) }));
  const left = shared.reduce((rest, { px }) => rest - px - SHARED_GAP_PX, textPx);
  return [{ ...first!, px: Math.max(1, left) }, ...shared];
}

/** The texts of a card that are shown at a step, before the picture and after it, line by line. */
export function textsOf(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): { lead: TextLine[]; texts: TextLine[] } {
  const textPx = cardTextPx(step, widthPx);
  const views = new Map<string, PartView>(card.parts.map((view) => [view.part, view]));
  const placed = (lines: readonly string[][]) =>
    lines.flatMap((ids) => {
      const parts = ids.flatMap((id) => {
        const view = views.get(id);
        return view ? [{ kind: partKind(id)!, view }] : [];
      });
      return parts.length > 0 ? [lineOf(parts, textPx)] : [];
    });
  const { lead, texts } = textLinesAt(settings, bands, step.bandId);
  return { lead: placed(lead), texts: placed(texts) };
}

/** Estimated height of a card, px, where it is `widthPx` wide. */
export function cardHeight(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): number {
  const { card: manner, groundPaddingPx = 0, picturePx } = layoutKind(step.layout);
  const { placing } = step;
  const innerPx = widthPx - 2 * step.insidePx;
  const besidePx = manner === 'beside' ? (picturePx?.(step, widthPx) ?? 0) : 0;
  const { lead, texts } = textsOf(card, settings, step, bands, widthPx);
  const heightOf = (lines: readonly TextLine[]) =>
    lines.reduce(
      (sum, line) =>
        sum +
        PART_GAP_PX +
        Math.max(
          ...line.map(({ kind, view, px }) =>
            kind.heightPx(view, ofPart(settings, kind.id)!, px, step.picture),
          ),
        ),
      0,
    );
  // With the gap after each.
  const [leadPx, textsPx] = [heightOf(lead), heightOf(texts)];
  const pictured = card.parts.find(({ part }) => partKind(part)!.isPicture);
  const picture = pictured && step.hasPicture ? { kind: partKind(pictured.part)!, view: pictured } : null;
  const all = Math.max(0, leadPx + textsPx - PART_GAP_PX);
  if (manner === 'ground') return Math.max(groundPx(step, widthPx), all + 2 * groundPaddingPx);
  const around = 2 * step.insidePx;
  if (!picture) return all + around;
  const { kind, view } = picture;
  const beside = manner === 'beside';
  const picturedPx = beside ? besidePx : placedPicturePx(placing, innerPx);
  const pictureHeightPx = kind.heightPx(view, ofPart(settings, kind.id)!, picturedPx, step.picture);
  if (beside) return Math.max(pictureHeightPx, all) + around;
  return (
    around + placedHeight(placing, pictureHeightPx, leadPx, Math.max(0, textsPx - PART_GAP_PX), PART_GAP_PX)
  );
}

/** Height of a card of which the picture is the background, px. */
const groundPx = ({ ground }: StepView, widthPx: number): number =>
  ground.by === 'ratio' ? widthPx / ground.ratio : ground.by === 'own' ? 0 : ground.px;
