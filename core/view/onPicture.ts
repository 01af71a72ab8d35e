import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import type { Card } from '../card/card.ts';
import { partKind, type AnyPart } from '../card/parts/index.ts';
import { placedPicturePx } from '../card/placing.ts';
import { hiddenAt } from '../card/shown.ts';
import { slotsOf, zoneAt } from '../card/slots.ts';
import { widthOf } from '../card/text.ts';
import { ZONE_CHIP_PX, ZONE_PADDING_PX, zoneKinds, type ZoneKind } from '../card/zones.ts';
import { LABEL_PADDING_PX, LABEL_TEXT, type LabelView } from '../label/labelKind.ts';
import { layoutKind } from '../layouts/index.ts';
import type { CardView, StepView } from './view.ts';

/** Pairs of zones at the same edge; where two have no room side by side, the second comes over the first. */
const SIDE_BY_SIDE = zoneKinds.flatMap((one, i) =>
  zoneKinds
    .slice(i + 1)
    .filter((other) => one.edge !== undefined && other.edge === one.edge)
    // What is as wide as the picture stays, and what is in a corner under it gives way.
    .map((other) => (other.wide ? [other, one] : [one, other]) as readonly [ZoneKind, ZoneKind]),
);

/** Width of a card's picture, px. */
export function picturePxOf(step: StepView, cardPx: number): number {
  const { card: manner, picturePx } = layoutKind(step.layout);
  const innerPx = cardPx - 2 * step.insidePx;
  if (manner === 'beside') return picturePx?.(step, cardPx) ?? innerPx;
  return manner === 'ground' ? cardPx : placedPicturePx(step.placing, innerPx);
}

/** Height of a card's frame for its picture, px; null where each picture has its own. */
export function heightOfPicture(step: StepView, cardPx: number): number | null {
  const shape = layoutKind(step.layout).card === 'ground' ? step.ground : step.picture;
  if (shape.by === 'own') return null;
  return shape.by === 'ratio' ? picturePxOf(step, cardPx) / shape.ratio : shape.px;
}

/** Width of a label, px. */
const labelPx = ({ text, picture }: LabelView): number =>
  picture?.widthPx ?? widthOf(text, LABEL_TEXT) + 2 * LABEL_PADDING_PX;

/** Parts of a card that stand on its picture, each with its zone; only those that say something and are shown. */
export function partsInZones(
  card: CardView,
  settings: Card,
  bands: Bands,
  bandId: string,
): { zone: string; kind: AnyPart; view: CardView['parts'][number] }[] {
  const hidden = hiddenAt(settings, bands, bandId);
  return slotsOf(settings).zones.flatMap(({ zone, parts }) =>
    parts.flatMap((id) => {
      if (hidden.has(id) || zoneAt(settings, id, bands, bandId) !== zone) return [];
      const view = card.parts.find(({ part }) => part === id);
      return view ? [{ zone, kind: partKind(id)!, view }] : [];
    }),
  );
}

/** Widths that the zones of a card's picture take, px, with the space around them; only of those with something in them. */
function zoneWidths(card: CardView, settings: Card, bands: Bands, bandId: string): Map<string, number> {
  const widths = new Map<string, number>();
  const add = (zone: string, px: number) =>
    widths.set(zone, Math.max(widths.get(zone) ?? 0, px + 2 * ZONE_PADDING_PX));
  for (const { zone, kind, view } of partsInZones(card, settings, bands, bandId))
    add(zone, (kind.widthPx?.(view) ?? 0) + 2 * ZONE_CHIP_PX);
  for (const part of card.parts)
    for (const label of 'labels' in part ? part.labels : []) {
      const shown = settings.labels[label.kind]?.shown;
      if (shown && valueAt(shown, bands, bandId)) add(label.at, labelPx(label));
    }
  return widths;
}

/** Labels of a card that come over labels of another corner, each with that corner, where cards are `cardPx` wide. */
export function labelsOver(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  cardPx: number,
): { id: string; place: string }[] {
  if (!step.hasPicture) return [];
  const shown = card.parts
    .flatMap((part) => ('labels' in part ? part.labels : []))
    .filter(({ kind }) => {
      const set = settings.labels[kind]?.shown;
      return set !== undefined && valueAt(set, bands, step.bandId);
    });
  if (shown.length < 2) return [];
  const widthAt = (zone: string) => Math.max(0, ...shown.filter(({ at }) => at === zone).map(labelPx));
  const roomPx = picturePxOf(step, cardPx) - 3 * ZONE_PADDING_PX;
  return SIDE_BY_SIDE.flatMap(([one, other]) => {
    const [a, b] = [widthAt(one.id), widthAt(other.id)];
    return a > 0 && b > 0 && a + b > roomPx
      ? shown.filter(({ at }) => at === other.id).map(({ id }) => ({ id, place: one.id }))
      : [];
  });
}

/** Parts of a card that come over something else on its picture, at a step where cards are `cardPx` wide. */
export function overlapping(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  cardPx: number,
): string[] {
  if (!step.hasPicture || slotsOf(settings).zones.length === 0) return [];
  const widths = zoneWidths(card, settings, bands, step.bandId);
  const roomPx = picturePxOf(step, cardPx);
  const zones = SIDE_BY_SIDE.flatMap(([one, other]) => {
    const [a, b] = [widths.get(one.id), widths.get(other.id)];
    if (a === undefined || b === undefined) return [];
    return one.wide || a + b > roomPx + ZONE_PADDING_PX ? [other.id] : [];
  });
  return slotsOf(settings).zones.flatMap(({ zone, parts }) =>
    zones.includes(zone) ? parts.filter((id) => zoneAt(settings, id, bands, step.bandId) === zone) : [],
  );
}
