import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { cardEnds, cardSides } from '../card/cardSpace.ts';
import { partKind, type AnyPart, type PartView } from '../card/parts/index.ts';
import { placedPicturePx } from '../card/placing.ts';
import { hiddenAt, labelShownAt } from '../card/shown.ts';
import { slotsOf, zoneAt } from '../card/slots.ts';
import { widthOf } from '../card/text.ts';
import type { TextSize } from '../card/textSize.ts';
import { ZONE_CHIP_PX, ZONE_PADDING_PX, zoneKinds, type ZoneKind } from '../card/zones.ts';
import { LABEL_GAP_PX, LABEL_TEXT, type LabelView } from '../label/labelKind.ts';
import { labelPlace, labelPlaces, type LabelPlace, type LabelPlaceKind } from '../label/labelPlaces.ts';
import { layoutKind } from '../layouts/index.ts';
import { labelElement } from '../style/elements/labels.ts';
import { labelsOf, sizeIn, viewOf, widthOfPart } from './partViews.ts';
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
  const innerPx = cardPx - cardSides(step);
  if (manner === 'beside') return picturePx?.(step, cardPx) ?? innerPx;
  return manner === 'ground' ? innerPx : placedPicturePx(step.placing, innerPx);
}

/** Height of a card's frame for its picture, px; null where each picture has its own. */
export function heightOfPicture(step: StepView, cardPx: number): number | null {
  const isGround = layoutKind(step.layout).card === 'ground';
  const shape = isGround ? step.ground : step.picture;
  if (shape.by === 'own') return null;
  if (isGround) return (shape.by === 'ratio' ? cardPx / shape.ratio : shape.px) - cardEnds(step);
  return shape.by === 'ratio' ? picturePxOf(step, cardPx) / shape.ratio : shape.px;
}

/** Width that a label takes in its place, px. */
function labelPx({ text, picture, fartherPx }: LabelView, size: TextSize): number {
  const { endsPx, borderPx } = size.box ?? LABEL_TEXT.box;
  return (picture?.widthPx ?? widthOf(text, size) + 2 * (endsPx + borderPx)) + fartherPx;
}

/** What labels are written in at a step. */
export const labelSizeAt = ({ figures }: Pick<StepView, 'figures'>): TextSize =>
  figures[labelElement.id] ?? LABEL_TEXT;

/** Where labels of a card stand at a step, each with those in it; the corner where there is no room outside of pictures. */
function labelsAt(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
): Map<LabelPlace, LabelView[]> {
  const places = new Map<LabelPlace, LabelView[]>();
  for (const label of labelsOf(card)) {
    if (!labelShownAt(settings, label, bands, step.bandId)) continue;
    const place = step.labelsOutPx > 0 ? label.at : labelPlace(label.at).corner;
    places.set(place, [...(places.get(place) ?? []), label]);
  }
  return places;
}

/** Width of the labels in one place, px: side by side outside of the picture, else one under the other. */
function labelsPx(labels: readonly LabelView[], place: LabelPlace, size: TextSize): number {
  const widths = labels.map((label) => labelPx(label, size));
  return labelPlace(place).outside > 0
    ? widths.reduce((sum, px) => sum + px + LABEL_GAP_PX, -LABEL_GAP_PX)
    : Math.max(0, ...widths);
}

interface InZone {
  zone: string;
  kind: AnyPart;
}

const inZones = new WeakMap<Card, { bands: Bands; at: Map<string, readonly InZone[]> }>();

/** Parts that stand on pictures at a band, whatever a card says; found once for all cards of a shelf. */
function zonesAt(settings: Card, bands: Bands, bandId: string): readonly InZone[] {
  let known = inZones.get(settings);
  if (known?.bands !== bands) inZones.set(settings, (known = { bands, at: new Map() }));
  let found = known.at.get(bandId);
  if (!found) {
    const hidden = hiddenAt(settings, bands, bandId);
    found = slotsOf(settings).zones.flatMap(({ zone, parts }) =>
      parts
        .filter((id) => !hidden.has(id) && zoneAt(settings, id, bands, bandId) === zone)
        .map((id) => ({ zone, kind: partKind(id)! })),
    );
    known.at.set(bandId, found);
  }
  return found;
}

/** Parts of a card that stand on its picture, each with its zone; only those that say something and are shown. */
export function partsInZones(
  card: CardView,
  settings: Card,
  bands: Bands,
  bandId: string,
): { zone: string; kind: AnyPart; view: PartView }[] {
  const found: { zone: string; kind: AnyPart; view: PartView }[] = [];
  for (const { zone, kind } of zonesAt(settings, bands, bandId)) {
    const view = viewOf(card, kind.id);
    if (view) found.push({ zone, kind, view });
  }
  return found;
}

/** A zone is as wide as the widest that stands in it. */
function widen(widths: Map<string, number>, zone: string, px: number): void {
  widths.set(zone, Math.max(widths.get(zone) ?? 0, px + 2 * ZONE_PADDING_PX));
}

/** Widths that the zones of a card's picture take, px, with the space around them; only of those with something in them. */
function zoneWidths(card: CardView, settings: Card, step: StepView, bands: Bands): Map<string, number> {
  const widths = new Map<string, number>();
  for (const { zone, kind, view } of partsInZones(card, settings, bands, step.bandId))
    widen(widths, zone, widthOfPart(kind, view, sizeIn(step, kind)) + 2 * ZONE_CHIP_PX);
  for (const [place, labels] of labelsAt(card, settings, step, bands))
    widen(widths, place, labelsPx(labels, place, labelSizeAt(step)));
  return widths;
}

/** Places of labels of which one comes over the other wherever both are: of one corner, within it or partly. */
const isOver = (one: LabelPlaceKind, other: LabelPlaceKind): boolean =>
  one.id !== other.id && one.corner === other.corner && one.outside < 1 && other.outside < 1;

/** Places side by side at one edge of the picture, as far outside of it. */
const isBeside = (one: LabelPlaceKind, other: LabelPlaceKind): boolean =>
  one.block === other.block && one.inline !== other.inline && one.outside === other.outside;

/** A label that comes over others: where it stands, and where all that stand there would have room. */
interface LabelOver {
  id: string;
  at: LabelPlace;
  to: LabelPlace;
}

/** Labels of a card that come over others, where cards are `cardPx` wide. */
export function labelsOver(
  card: CardView,
  settings: Card,
  step: StepView,
  bands: Bands,
  cardPx: number,
): LabelOver[] {
  if (!step.hasPicture) return [];
  const places = [...labelsAt(card, settings, step, bands)].map(([id, labels]) => ({
    kind: labelPlace(id),
    labels,
    px: labelsPx(labels, id, labelSizeAt(step)),
  }));
  const roomPx = picturePxOf(step, cardPx) - 3 * ZONE_PADDING_PX;
  const moved = (labels: readonly LabelView[], to: LabelPlace) =>
    labels.flatMap(({ id, at }) => (at === to ? [] : [{ id, at, to }]));
  const pairs = places.flatMap((one, i) =>
    places.slice(i + 1).flatMap((other) => {
      if (isOver(one.kind, other.kind)) {
        // The one that is partly outside comes in, and stands under the other.
        const { kind, labels } = one.kind.outside > 0 ? one : other;
        return moved(labels, kind.corner);
      }
      if (!isBeside(one.kind, other.kind) || one.px + other.px <= roomPx) return [];
      // In the corner they stand one under the other; outside of the picture only side by side.
      return moved(other.labels, one.kind.outside > 0 ? other.kind.corner : one.kind.id);
    }),
  );
  const inOne = places.flatMap(({ kind, labels, px }) => {
    // More of them side by side than the picture is wide; or of two places that have become one, since the layout has
    // no room outside of pictures.
    const tooMany = kind.outside > 0 && labels.length > 1 && px > roomPx + ZONE_PADDING_PX;
    const becameOne = new Set(labels.map(({ at }) => at)).size > 1;
    return tooMany || becameOne ? moved(labels, kind.corner) : [];
  });
  return [...pairs, ...inOne];
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
  const widths = zoneWidths(card, settings, step, bands);
  const roomPx = picturePxOf(step, cardPx);
  const zones = SIDE_BY_SIDE.flatMap(([one, other]) => {
    const [a, b] = [widths.get(one.id), widths.get(other.id)];
    if (a === undefined || b === undefined) return [];
    return one.wide || a + b > roomPx + ZONE_PADDING_PX ? [other.id] : [];
  });
  // Labels across an edge reach into the corner there.
  for (const place of labelPlaces)
    if (place.outside > 0 && place.outside < 1 && widths.has(place.id)) zones.push(place.corner);
  if (zones.length === 0) return [];
  return zonesAt(settings, bands, step.bandId).flatMap(({ zone, kind }) =>
    zones.includes(zone) ? [kind.id] : [],
  );
}
