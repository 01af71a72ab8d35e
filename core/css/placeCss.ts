import { bandEnd, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { everShown } from '../card/shown.ts';
import { placeOf, slotsOf, zoneAt } from '../card/slots.ts';
import { SHARED_GAP_PX, SHARED_MOST } from '../card/text.ts';
import { TEXT_ZONE, zoneKinds } from '../card/zones.ts';
import { hiddenAt, within } from './containers.ts';
import { cssName } from './written.ts';

/** Zones of pictures and lines that parts share, alike on all pages. */
export const zoneCss =
  '.zone{position:absolute;z-index:1;display:flex;flex-direction:column;gap:4px;padding:10px;max-width:100%;pointer-events:none}' +
  '.zone>:not(.labels){background:color-mix(in srgb,var(--ground) 90%,transparent);color:var(--text);padding:3px 8px;border-radius:3px;max-width:100%}' +
  zoneKinds
    .flatMap(({ id, css, wide }) => [
      css ? `.zone-${id}{${css}}` : '',
      wide ? `.zone-${id}>:not(.labels){border-radius:0;padding:6px 12px}` : '',
    ])
    .join('') +
  `.row{display:flex;flex-wrap:wrap;align-items:baseline;gap:var(--part-gap) ${SHARED_GAP_PX}px}` +
  `.row>*{flex:none;max-width:${SHARED_MOST}%}.row>:first-child{flex:1 1 0;min-width:0;max-width:none}`;

const mapped = <T, U>(varying: Varying<T>, to: (value: T) => U): Varying<U> =>
  Object.fromEntries(Object.entries(varying).map(([band, value]) => [band, to(value)]));

/** A part that is there only when its card is pointed at or has the keyboard; by touch always. */
const onHover = (scope: string, part: string) =>
  `@media (hover:hover){${scope} .card:not(:hover,:focus-within) ${part}{opacity:0}}` +
  `@media (prefers-reduced-motion:no-preference){${scope} ${part}{transition:opacity .16s}}`;

const justified = { start: 'flex-start', center: 'center', end: 'flex-end' } as const;

/** A part of a line that others share, alone on its own at the bands at which it is. */
const ownLineCss = (part: string, bands: Bands, row: Varying<string>) =>
  bands
    .filter((band) => valueAt(row, bands, band.id) === 'own')
    .map((band) => within(band.from, bandEnd(bands, band.id), `${part}{flex:1 0 100%;max-width:none}`))
    .join('');

/** Where the parts of a shelf's cards stand, and when, at each width. */
export function placeCss(scope: string, card: Card, bands: Bands): string {
  let css = '';
  for (const id of card.order) {
    const place = everShown(card, id) ? placeOf(card, id) : null;
    if (!place || !partKind(id)) continue;
    const part = `.part-${cssName(id)}`;
    const zones = new Set(bands.map((band) => zoneAt(card, id, bands, band.id)));
    if (zones.size > 1)
      for (const zone of zones) {
        const box = zone === TEXT_ZONE ? '.texts' : `.zone-${zone}`;
        css += hiddenAt(
          bands,
          `${scope} ${box} ${part}`,
          mapped(place.zone, (at) => at === zone),
        );
      }
    const { lead, texts } = slotsOf(card);
    const shares = [...lead, ...texts].some((line) => line.includes(id) && line[0] !== id);
    if (shares && bands.some((band) => valueAt(place.row, bands, band.id) === 'own'))
      css += ownLineCss(`${scope} .row>${part}`, bands, place.row);
    if (place.when === 'hover') css += onHover(scope, part);
    if (place.align !== 'card')
      css += `${scope} ${part}{text-align:${place.align};justify-content:${justified[place.align]}}`;
  }
  return css;
}
