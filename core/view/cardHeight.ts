import { valueAt } from '../bands/varying.ts';
import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { BESIDE_GAP_PX, placedHeight, placedPicturePx, placedTextPx } from '../card/placing.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { formKind } from '../forms/index.ts';
import type { CardView, StepView } from './view.ts';

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
  const { card: manner, groundPaddingPx = 0 } = formKind(step.form);
  const shape = { picture: step.picture, titleLines: settings.titleLines };
  const hidden = hiddenAt(settings, bands, step.bandId);
  const { placing } = step;
  const innerPx = widthPx - 2 * step.insidePx;
  const textPx =
    manner === 'ground'
      ? widthPx - 2 * groundPaddingPx
      : !step.hasPicture
        ? innerPx
        : manner === 'beside'
          ? innerPx - step.listPicturePx - BESIDE_GAP_PX
          : placedTextPx(placing, innerPx);
  // Heights of the parts before the picture and after it, with the gap after each, px.
  let leadPx = 0;
  let textsPx = 0;
  let picture: CardView['parts'][number] | null = null;
  for (const view of card.parts) {
    if (hidden.has(view.part)) continue;
    if (view.part === 'picture') picture = view;
    else {
      const px = partKind(view.part)!.heightPx(view, shape, textPx) + PART_GAP_PX;
      if (picture) textsPx += px;
      else leadPx += px;
    }
  }
  const all = Math.max(0, leadPx + textsPx - PART_GAP_PX);
  if (manner === 'ground') return Math.max(groundPx(step, widthPx), all + 2 * groundPaddingPx);
  const around = 2 * step.insidePx;
  if (!picture) return all + around;
  const pictureHeight = (px: number) => partKind('picture')!.heightPx(picture, shape, px);
  if (manner === 'beside') return Math.max(pictureHeight(step.listPicturePx), all) + around;
  return (
    around +
    placedHeight(
      placing,
      pictureHeight(placedPicturePx(placing, innerPx)),
      leadPx,
      Math.max(0, textsPx - PART_GAP_PX),
      PART_GAP_PX,
    )
  );
}

/** Height of a card of which the picture is the ground, px. */
const groundPx = ({ ground }: StepView, widthPx: number): number =>
  ground.by === 'ratio' ? widthPx / ground.ratio : ground.by === 'own' ? 0 : ground.px;
