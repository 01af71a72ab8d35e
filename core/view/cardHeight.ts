import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { formKind } from '../forms/index.ts';
import { BESIDE_GAP_PX } from '../forms/list.ts';
import { SLIDE_PADDING_PX } from '../forms/slider.ts';
import type { CardView, StepView } from './view.ts';

/** Space below a card's picture beyond the usual gap, px; as the storefront draws it. */
const UNDER_PICTURE_PX = 5;

/** Estimated height of a card, px, where it is `widthPx` wide. */
export function cardHeight(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  widthPx: number,
): number {
  const manner = formKind(step.form).card;
  const shape = { picture: step.picture, titleLines: settings.titleLines };
  const shown = card.parts.filter(({ part }) => {
    const at = settings.shown[part];
    return !at || valueAt(at, bands, step.bandId);
  });
  const beside = manner === 'beside' && step.hasPicture;
  const textPx =
    manner === 'ground'
      ? widthPx - 2 * SLIDE_PADDING_PX
      : beside
        ? widthPx - step.listPicturePx - BESIDE_GAP_PX
        : widthPx;
  const heightOf = (view: CardView['parts'][number], px: number) =>
    partKind(view.part)!.heightPx(view, shape, px);
  const texts = shown.filter(({ part }) => part !== 'picture').map((view) => heightOf(view, textPx));
  const textsPx = texts.reduce((a, b) => a + b, 0) + PART_GAP_PX * Math.max(0, texts.length - 1);
  const picture = shown.find(({ part }) => part === 'picture');
  if (manner === 'ground') return Math.max(widthPx / step.slideRatio, textsPx + 2 * SLIDE_PADDING_PX);
  if (!picture) return textsPx;
  if (beside) return Math.max(heightOf(picture, step.listPicturePx), textsPx);
  return heightOf(picture, widthPx) + UNDER_PICTURE_PX + (texts.length ? PART_GAP_PX + textsPx : 0);
}
