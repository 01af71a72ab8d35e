import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { cardEnds, cardSides } from '../card/cardSpace.ts';
import { partKind } from '../card/parts/index.ts';
import { isAside, placedHeight, placedPicturePx } from '../card/placing.ts';
import { ofPart } from '../card/shown.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { blockHeight, blockRise } from '../card/textBlock.ts';
import { layoutKind } from '../layouts/index.ts';
import { linesHeight, textsOf } from './cardTexts.ts';
import { sizeIn } from './partViews.ts';
import type { CardView, StepView } from './view.ts';

/** Estimated height of a card, px, where it is `widthPx` wide. */
export function cardHeight(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): number {
  const { card: manner, groundPaddingPx = 0, picturePx } = layoutKind(step.layout);
  const { placing, block } = step;
  const innerPx = widthPx - cardSides(step);
  const besidePx = manner === 'beside' ? (picturePx?.(step, widthPx) ?? 0) : 0;
  const { lead, texts } = textsOf(card, settings, step, bands, widthPx);
  // Before the picture with the gap after each, else with those between them.
  const leadPx = linesHeight(lead, step, PART_GAP_PX);
  const textsPx = Math.max(0, linesHeight(texts, step, block.gapPx) - block.gapPx);
  const view = step.hasPicture ? card.parts.find(({ part }) => partKind(part)!.isPicture) : undefined;
  const all = textsPx
    ? leadPx + blockRise(block) + blockHeight(block, textsPx)
    : Math.max(0, leadPx - PART_GAP_PX);
  if (manner === 'ground')
    return Math.max(groundPx(step, widthPx), all + 2 * groundPaddingPx + cardEnds(step));
  const around = cardEnds(step);
  if (!view) return all + around;
  const kind = partKind(view.part)!;
  const beside = manner === 'beside';
  const picturedPx = beside ? besidePx : placedPicturePx(placing, innerPx);
  const pictureHeightPx = kind.heightPx(
    view,
    ofPart(settings, kind.id)!,
    picturedPx,
    step.picture,
    sizeIn(step, kind),
  );
  const { labelsOutPx } = step;
  // Beside the texts it makes the picture higher, else the card.
  const [asidePx, abovePx] = isAside(placing) ? [labelsOutPx, 0] : [0, labelsOutPx];
  if (beside) return Math.max(pictureHeightPx, all) + around;
  return around + abovePx + placedHeight(placing, pictureHeightPx + asidePx, leadPx, textsPx, block);
}

/** Height of a card of which the picture is the background, px. */
const groundPx = ({ ground }: StepView, widthPx: number): number =>
  ground.by === 'ratio' ? widthPx / ground.ratio : ground.by === 'own' ? 0 : ground.px;
