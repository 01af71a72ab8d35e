import { valueAt, type Varying } from '../bands/varying.ts';
import { partsOf, type AnyPart } from '../card/parts/index.ts';
import type { Card } from '../card/card.ts';
import { ofPart } from '../card/shown.ts';
import { placeOf, zoneAt } from '../card/slots.ts';
import { TEXT_ZONE, zoneKind } from '../card/zones.ts';
import { labelKind } from '../label/labels/index.ts';
import { isUsed, layoutKind, layoutsOf } from '../layouts/index.ts';
import type { Shelf } from '../plan/shelf.ts';
import { capital, listed, type Names, type Piece, type Sentence } from '../sentence/sentence.ts';
import { opens } from './content.ts';
import { ofShelf, type Line } from './line.ts';
import { sayVarying } from './sayVarying.ts';

const ever = (shown: Varying<boolean> | undefined) => Object.values(shown ?? {}).includes(true);

/** Where a part is shown, if not everywhere. */
function sayShown(shown: Varying<boolean>, { bands }: Names): string {
  const at = bands.filter((band) => valueAt(shown, bands, band.id));
  return at.length === bands.length ? '' : ` on ${listed(at.map((band) => band.name))}`;
}

/** Where a part stands and when, as far as that is not plainly a line of its own with the text. */
function sayPlace(card: Card, id: string, names: Names): string {
  const place = placeOf(card, id);
  if (!place) return '';
  const { bands } = names;
  const zones = bands.map((band) => zoneAt(card, id, bands, band.id));
  const shares = bands.some(
    (band, i) => zones[i] === TEXT_ZONE && valueAt(place.row, bands, band.id) === 'shared',
  );
  const on = zones.every((zone) => zone === TEXT_ZONE)
    ? ''
    : ` ${sayVarying(place.zone, names, (zone) => zoneKind(zone)!.said)}`;
  return `${on}${shares ? ' on the same line' : ''}${place.when === 'hover' ? ' on hover' : ''}`;
}

/** What a part is called: by what it is set to say, where it can be set to say one thing or another. */
export const partName = (card: Card, kind: AnyPart, names: Names): string =>
  kind.named?.(ofPart(card, kind.id)!, names) ?? kind.name;

/** What of a part is set, for its row in the list of parts, which has its name already; empty where nothing is. */
export function sayPart(card: Card, kind: AnyPart, names: Names): string {
  const said = kind.say(ofPart(card, kind.id)!);
  const name = kind.name.toLowerCase();
  const own = said.startsWith(name) ? said.slice(name.length) : said;
  return `${own}${sayPlace(card, kind.id, names)}`.trim().replace(/^, /, '');
}

const alignWords = { start: 'text at the start', center: 'text in the middle', end: 'text at the end' };
const frameWords = { plain: '', framed: 'with a border', shadowed: 'with a shadow' };

/** Where texts are and how cards are framed, as far as it is not the plainest. */
function sayPlacing({ card: { text, frame }, layout }: Shelf, names: Names): Sentence {
  const layouts = layoutsOf(layout, names.bands);
  const pieces: Piece[] = [];
  const some = <T>(varying: Varying<T>, plainest: T) =>
    Object.values(varying).some((one) => one !== plainest);
  if (isUsed('card.text.side', layouts) && some(text.side, 'under'))
    pieces.push(', ', opens(`${sayVarying(text.side, names, String)} the picture`, 'card.text.side'));
  const over = isUsed('card.text.reach', layouts) && some(text.reach, 0);
  if (over)
    pieces.push(
      ', ',
      opens(
        `over the picture by ${sayVarying(text.reach, names, (share) => `${share}%`)}`,
        'card.text.reach',
      ),
    );
  if ((over || layouts.some((id) => layoutKind(id).card === 'ground')) && text.when === 'hover')
    pieces.push(', ', opens('shown on hover', 'card.text.when'));
  if (isUsed('card.frame', layouts) && frame !== 'plain')
    pieces.push('; ', opens(frameWords[frame], 'card.frame'));
  return pieces;
}

export const cardLine: Line = {
  id: 'card',
  name: 'Card',
  say: ofShelf((shelf, { names, assortment }) => {
    const { card } = shelf;
    const kinds = new Map(partsOf(assortment!.of).map((kind) => [kind.id, kind]));
    const own = card.parts as Readonly<Record<string, { shown: Varying<boolean> }>>;
    const parts = card.order.flatMap((id): Piece[] => {
      const kind = kinds.get(id);
      const settings = own[id];
      if (!kind || !settings || !ever(settings.shown)) return [];
      return [
        opens(
          `${kind.named?.(settings, names) ?? kind.say(settings)}${sayPlace(card, id, names)}${sayShown(settings.shown, names)}`,
          `card.parts.${id}.${kind.opens ?? 'shown'}`,
        ),
      ];
    });
    const pieces: Piece[] = parts.flatMap((piece, i) => (i > 0 ? [', ', piece] : [piece]));
    const [first] = pieces;
    if (first !== undefined && typeof first !== 'string') pieces[0] = { ...first, text: capital(first.text) };
    if (pieces.length === 0) pieces.push(opens('Nothing is shown', 'card.order'));
    const labels =
      assortment!.of === 'products'
        ? names.labels.flatMap((id) => (ever(card.labels[id]?.shown) ? (labelKind(id) ?? []) : []))
        : [];
    if (labels.length)
      pieces.push(
        '; ',
        opens(listed(labels.map(({ name }) => name.toLowerCase())), `card.labels.${labels[0]!.id}.shown`),
      );
    return [...pieces, '; ', opens(alignWords[card.align], 'card.align'), ...sayPlacing(shelf, names)];
  }),
};
