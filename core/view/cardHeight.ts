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

const hiddenParts = new WeakMap<Card['shown'], { bands: Bands; at: Map<string, ReadonlySet<string>> }>();

/** Parts that are not shown at a band; found once for all cards of a shelf. */
function hiddenAt({ shown }: Card, bands: Bands, bandId: string): ReadonlySet<string> {
  let known = hiddenParts.get(shown);
  if (known?.bands !== bands) hiddenParts.set(shown, (known = { bands, at: new Map() }));
  let found = known.at.get(bandId);
  if (!found) {
    found = new Set(Object.keys(shown).filter((part) => !valueAt(shown[part]!, bands, bandId)));
    known.at.set(bandId, found);
  }
  return found;
}

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
  const hidden = hiddenAt(settings, bands, step.bandId);
  const beside = manner === 'beside' && step.hasPicture;
  const textPx =
    manner === 'ground'
      ? widthPx - 2 * SLIDE_PADDING_PX
      : beside
        ? widthPx - step.listPicturePx - BESIDE_GAP_PX
        : widthPx;
  let textsPx = -PART_GAP_PX;
  let picture: CardView['parts'][number] | null = null;
  for (const view of card.parts) {
    if (hidden.has(view.part)) continue;
    if (view.part === 'picture') picture = view;
    else textsPx += PART_GAP_PX + partKind(view.part)!.heightPx(view, shape, textPx);
  }
  const hasTexts = textsPx >= 0;
  textsPx = Math.max(0, textsPx);
  if (manner === 'ground') return Math.max(widthPx / step.slideRatio, textsPx + 2 * SLIDE_PADDING_PX);
  if (!picture) return textsPx;
  const pictureHeight = (px: number) => partKind('picture')!.heightPx(picture, shape, px);
  if (beside) return Math.max(pictureHeight(step.listPicturePx), textsPx);
  return pictureHeight(widthPx) + UNDER_PICTURE_PX + (hasTexts ? PART_GAP_PX + textsPx : 0);
}
