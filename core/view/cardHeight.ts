import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind, type AnyPart, type PartView } from '../card/parts/index.ts';
import { BESIDE_GAP_PX, placedHeight, placedPicturePx, placedTextPx } from '../card/placing.ts';
import { ofPart } from '../card/shown.ts';
import { textLinesAt } from '../card/slots.ts';
import { baselineOf, FIRST_LEAST, PART_GAP_PX, SHARED_GAP_PX } from '../card/text.ts';
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

/**
 * Parts that share a line: the first has what the others leave of it, and those that do not fit beside it go on lines
 * after it, as a browser wraps them.
 */
function linesOfShared(parts: readonly { kind: AnyPart; view: PartView }[], textPx: number): TextLine[] {
  const [first, ...others] = parts;
  const lines: TextLine[] = [[{ ...first!, px: textPx }]];
  let used = (textPx * FIRST_LEAST) / 100;
  for (const one of others) {
    const px = Math.min(textPx, one.kind.widthPx?.(one.view) ?? textPx);
    if (used + SHARED_GAP_PX + px > textPx) {
      lines.push([{ ...one, px }]);
      used = px;
      continue;
    }
    lines.at(-1)!.push({ ...one, px });
    if (lines.length === 1) lines[0]![0]!.px -= px + SHARED_GAP_PX;
    used += SHARED_GAP_PX + px;
  }
  return lines;
}

/** Height of a line, px: parts that share one stand on the same baseline. */
function lineHeight(line: TextLine, settings: Card, { picture }: StepView): number {
  const heights = line.map(({ kind, view, px }) =>
    kind.heightPx(view, ofPart(settings, kind.id)!, px, picture),
  );
  if (line.length === 1) return heights[0]!;
  const above = line.map(({ kind: { text } }) => (text ? baselineOf(text) : 0));
  return Math.max(...above) + Math.max(...heights.map((height, i) => height - above[i]!));
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
      return parts.length > 0 ? linesOfShared(parts, textPx) : [];
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
    lines.reduce((sum, line) => sum + PART_GAP_PX + lineHeight(line, settings, step), 0);
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
