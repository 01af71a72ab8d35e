import type { Bands } from '../bands/bands.ts';
import { valueAt, withValueMeant, type Varying } from '../bands/varying.ts';
import { same } from '../settings/same.ts';
import type { Card } from './card.ts';
import { partKind } from './parts/index.ts';
import { placeOf, textLinesAt } from './slots.ts';
import { TEXT_ZONE } from './zones.ts';

/** Where a dragged part was let go: in a zone of the picture, by its id, or by a line of the text, named by any part of it. */
export type PartDrop = { zone: string } | { line: LineDrop; of: string };
/** On a line of its own before or after that line, or as the last on it. */
export type LineDrop = 'before' | 'after' | 'beside';

/** Whether a part can be put there: what carries the link of the card stays with the text. */
export const takesDrop = (id: string, drop: PartDrop): boolean =>
  !partKind(id)?.isPicture && ('line' in drop || !partKind(id)?.carriesLink);

const linesOf = (card: Card, bands: Bands, bandId: string): string[][] =>
  Object.values(textLinesAt(card, bands, bandId)).flat();

/**
 * The card with a part where it was let go, and all others on the lines where they stood. What was alike at every width
 * stays alike; what differs is changed at the width of the band alone.
 */
export function withDropped(card: Card, id: string, drop: PartDrop, bands: Bands, bandId: string): Card {
  const lines = linesOf(card, bands, bandId);
  const others = (line: readonly string[]) => line.filter((part) => part !== id);
  const put = <T>(on: Card, part: string, what: 'zone' | 'row', value: T): Card => {
    const place = placeOf(on, part)!;
    const varying = place[what] as unknown as Varying<T>;
    if (valueAt(varying, bands, bandId) === value) return on;
    const next = withValueMeant(varying, bands, bandId, value);
    return { ...on, parts: { ...on.parts, [part]: { ...place, [what]: next } } };
  };
  let next: Card;
  if ('zone' in drop) next = put(card, id, 'zone', drop.zone);
  else {
    const line = others(lines.find((parts) => parts.includes(drop.of)) ?? []);
    // Alone on its line, and let go there.
    if (line.length === 0) return card;
    const order = card.order.filter((part) => part !== id);
    const at = drop.line === 'before' ? order.indexOf(line[0]!) : order.indexOf(line.at(-1)!) + 1;
    next = put(put(card, id, 'zone', TEXT_ZONE), id, 'row', drop.line === 'beside' ? 'shared' : 'own');
    next = { ...next, order: order.toSpliced(at, 0, id) };
  }
  // What began a line still begins one, though another part came before it or left from there.
  const begins = new Set(linesOf(next, bands, bandId).map(([first]) => first));
  for (const [first] of lines.map(others))
    if (first && !begins.has(first)) next = put(next, first, 'row', 'own');
  return next;
}

/** The settings, by their ids, in which a card where a part was let go differs from the one before. */
export function settingsDropped(before: Card, after: Card): [string, unknown][] {
  const changed: [string, unknown][] = same(before.order, after.order) ? [] : [['card.order', after.order]];
  for (const id of after.order) {
    const [was, is] = [placeOf(before, id), placeOf(after, id)];
    for (const what of ['zone', 'row'] as const)
      if (is && !same(was![what], is[what])) changed.push([`card.parts.${id}.${what}`, is[what]]);
  }
  return changed;
}
