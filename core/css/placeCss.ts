import { bandEnd, type Bands } from '../bands/bands.ts';
import { mapped, valueAt } from '../bands/varying.ts';
import type { Card } from '../card/card.ts';
import { partKind } from '../card/parts/index.ts';
import { everShown, hiddenAt as hiddenParts } from '../card/shown.ts';
import { placeOf, slotsOf, zoneAt } from '../card/slots.ts';
import { SHARED_GAP_PX, FIRST_LEAST } from '../card/text.ts';
import { TEXT_ZONE, ZONE_CHIP_PX, ZONE_PADDING_PX, zoneKinds } from '../card/zones.ts';
import { hiddenAt, within } from './containers.ts';
import { labelPlacesCss } from './labelCss.ts';
import { cssName } from './written.ts';

const FIRST = `flex:1 1 ${FIRST_LEAST}%;min-width:0`;

/** Zones of pictures and lines that parts share, alike on all pages. */
export const zoneCss =
  `.zone{position:absolute;z-index:1;display:flex;flex-direction:column;gap:4px;padding:${ZONE_PADDING_PX}px;max-width:100%;pointer-events:none}` +
  `.zone>:not(.labels){background:color-mix(in srgb,var(--ground) 90%,transparent);color:var(--text);padding:3px ${ZONE_CHIP_PX}px;border-radius:3px;max-width:100%}` +
  zoneKinds
    .flatMap(({ id, css, wide }) => [
      css ? `.zone-${id}{${css}}` : '',
      wide ? `.zone-${id}>:not(.labels){border-radius:0;padding:6px 12px}` : '',
    ])
    .join('') +
  labelPlacesCss +
  `.row{display:flex;flex-wrap:wrap;align-items:baseline;column-gap:${SHARED_GAP_PX}px}.texts>.row{margin-block:0}` +
  `.row>*{flex:none;max-width:100%;margin-top:var(--part-gap)}.lead>.row>*{margin-block:0 var(--part-gap)}` +
  `.row>:first-child{${FIRST}}` +
  '.row>.break{display:none;flex:0 0 100%;height:0;margin:0}';

/** A part that is there only when its card is pointed at or has the keyboard; by touch always. */
const onHover = (scope: string, part: string) =>
  `@media (hover:hover){${scope} .card:not(:hover,:focus-within) ${part}{opacity:0}}` +
  `@media (prefers-reduced-motion:no-preference){${scope} ${part}{transition:opacity .16s}}`;

const justified = { start: 'flex-start', center: 'center', end: 'flex-end' } as const;

/** A part begins a line of its own at the bands at which it does not share the one before. */
function breakCss(scope: string, card: Card, id: string, bands: Bands): string {
  const place = placeOf(card, id)!;
  const hidden = (bandId: string) => hiddenParts(card, bands, bandId).has(id);
  const part = `${scope} .row>.part-${cssName(id)}`;
  return bands
    .filter((band) => valueAt(place.row, bands, band.id) === 'own')
    .map((band) => {
      const begins = !hidden(band.id) && zoneAt(card, id, bands, band.id) === TEXT_ZONE;
      const rules =
        `${part}{${FIRST}}` + (begins ? `${scope} .row>.break-${cssName(id)}{display:block}` : '');
      return within(band.from, bandEnd(bands, band.id), rules);
    })
    .join('');
}

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
    if (slotsOf(card).breaks.includes(id)) css += breakCss(scope, card, id, bands);
    if (place.when === 'hover') css += onHover(scope, part);
    if (place.align !== 'card')
      css += `${scope} ${part}{text-align:${place.align};justify-content:${justified[place.align]}}`;
  }
  return css;
}
