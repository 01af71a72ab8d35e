import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind, type AnyPart, type PartView } from '../card/parts/index.ts';
import { BESIDE_GAP_PX, placedHeight, placedPicturePx, placedTextPx } from '../card/placing.ts';
import { hiddenAt, ofPart } from '../card/shown.ts';
import { PART_GAP_PX } from '../card/text.ts';
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

/** Estimated height of a card, px, where it is `widthPx` wide. */
export function cardHeight(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): number {
  const { card: manner, groundPaddingPx = 0, picturePx } = layoutKind(step.layout);
  const hidden = hiddenAt(settings, bands, step.bandId);
  const { placing } = step;
  const innerPx = widthPx - 2 * step.insidePx;
  const besidePx = manner === 'beside' ? (picturePx?.(step, widthPx) ?? 0) : 0;
  const textPx = cardTextPx(step, widthPx);
  // Heights of the parts before the picture and after it, with the gap after each, px.
  let leadPx = 0;
  let textsPx = 0;
  let picture: { kind: AnyPart; view: PartView } | null = null;
  for (const view of card.parts) {
    if (hidden.has(view.part)) continue;
    const kind = partKind(view.part)!;
    if (kind.isPicture) picture = { kind, view };
    else {
      const px = kind.heightPx(view, ofPart(settings, kind.id)!, textPx, step.picture) + PART_GAP_PX;
      if (picture) textsPx += px;
      else leadPx += px;
    }
  }
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
