import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { oneOfEqual } from '../settings/same.ts';
import type { Complete } from '../settings/setting.ts';
import type { Card } from './card.ts';
import { partKind } from './parts/index.ts';
import type { PlaceSettings } from './placeSettings.ts';
import { everShown, hiddenAt, ofPart } from './shown.ts';
import { TEXT_ZONE, zoneKinds } from './zones.ts';

/**
 * Where the parts of a card are drawn, by their ids. One that stands elsewhere at another width is drawn in each of
 * its places, and the style sheet shows one of them.
 */
export interface Slots {
  /** It shows a picture, at one width or another. */
  pictured: boolean;
  /** Lines of text before the picture. */
  lead: string[][];
  /** Lines of text after it. */
  texts: string[][];
  /** What stands on the picture, by zone. */
  zones: { zone: string; parts: string[] }[];
  /** Parts of shared lines that begin a line of their own at one width or another. */
  breaks: string[];
}

/** Where a part stands and when; null for the picture. */
export function placeOf(card: Card, id: string): Complete<PlaceSettings> | null {
  const own = ofPart(card, id) as Partial<Complete<PlaceSettings>> | undefined;
  return own?.zone ? (own as Complete<PlaceSettings>) : null;
}

const hasPicture = (card: Card) => card.order.some((id) => partKind(id)?.isPicture && everShown(card, id));

/** Zones that a part stands in at one width or another; with the text where there is no picture to stand on. */
function zonesOf(card: Card, id: string, pictured: boolean): ReadonlySet<string> {
  if (!pictured || partKind(id)?.carriesLink) return new Set([TEXT_ZONE]);
  return new Set<string>(Object.values(placeOf(card, id)!.zone));
}

/** The zone that a part stands in at a band. */
export function zoneAt(card: Card, id: string, bands: Bands, bandId: string): string {
  const zones = zonesOf(card, id, hasPicture(card));
  return zones.size === 1 ? [...zones][0]! : valueAt(placeOf(card, id)!.zone, bands, bandId);
}

/** A part is on the line of the one before it at one width or another. */
const everShares = (card: Card, id: string) => Object.values(placeOf(card, id)!.row).includes('shared');

/** A part that can share begins a line of its own at one width or another. */
const everAlone = (card: Card, id: string) => Object.values(placeOf(card, id)!.row).includes('own');

const known = new WeakMap<Card, Slots>();

/** Found once for all items of a shelf. */
export function slotsOf(card: Card): Slots {
  let found = known.get(card);
  if (!found) known.set(card, (found = makeSlots(card)));
  return found;
}

function makeSlots(card: Card): Slots {
  const pictured = hasPicture(card);
  const lead: string[][] = [];
  const texts: string[][] = [];
  const zones = new Map<string, string[]>(zoneKinds.map(({ id }) => [id, []]));
  let lines = pictured ? lead : texts;
  for (const id of card.order) {
    const kind = partKind(id);
    if (!kind || !everShown(card, id)) continue;
    if (kind.isPicture) {
      lines = texts;
      continue;
    }
    for (const zone of zonesOf(card, id, pictured)) {
      if (zone !== TEXT_ZONE) zones.get(zone)!.push(id);
      else if (everShares(card, id) && lines.length > 0) lines.at(-1)!.push(id);
      else lines.push([id]);
    }
  }
  return {
    pictured,
    lead,
    texts,
    breaks: [...lead, ...texts].flatMap(([, ...others]) => others.filter((id) => everAlone(card, id))),
    zones: [...zones].flatMap(([zone, parts]) => (parts.length > 0 ? { zone, parts } : [])),
  };
}

/** Lines of text as they are at a band: what is not shown, or stands on the picture there, is left out. */
function linesAt(lines: readonly string[][], card: Card, bands: Bands, bandId: string): string[][] {
  const hidden = hiddenAt(card, bands, bandId);
  return lines.flatMap((parts) => {
    const here: string[][] = [];
    for (const id of parts) {
      if (hidden.has(id) || zoneAt(card, id, bands, bandId) !== TEXT_ZONE) continue;
      const shares = valueAt(placeOf(card, id)!.row, bands, bandId) === 'shared';
      if (shares && here.length > 0) here.at(-1)!.push(id);
      else here.push([id]);
    }
    return here;
  });
}

type TextLines = Pick<Slots, 'lead' | 'texts'>;
const knownAt = new WeakMap<Card, { bands: Bands; at: Map<string, TextLines> }>();

/**
 * Lines of text before and after the picture at a band; found once for all items of a shelf, and the same object at
 * bands where they are equal.
 */
export function textLinesAt(card: Card, bands: Bands, bandId: string): TextLines {
  let ofCard = knownAt.get(card);
  if (ofCard?.bands !== bands) knownAt.set(card, (ofCard = { bands, at: new Map() }));
  let found = ofCard.at.get(bandId);
  if (!found) {
    const { lead, texts } = slotsOf(card);
    found = oneOfEqual(ofCard.at.values(), {
      lead: linesAt(lead, card, bands, bandId),
      texts: linesAt(texts, card, bands, bandId),
    });
    ofCard.at.set(bandId, found);
  }
  return found;
}
