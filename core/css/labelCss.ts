import { LABEL_GAP_PX } from '../label/labelKind.ts';
import { fartherPx, labelPlace, labelPlaces, placeOf, type LabelPlaceKind } from '../label/labelPlaces.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import { ZONE_PADDING_PX, zoneKind } from '../card/zones.ts';
import { cssColour, cssName } from './written.ts';

const outside = labelPlaces.filter((place) => place.outside > 0);

/** Places of labels outside of pictures as they are within the corner, where a layout has no room for them. */
export const labelPlacesCss =
  outside.map(({ id, corner }) => `.zone-${id}{${zoneKind(corner)!.css}}`).join('') +
  `:is(${outside.map(({ id }) => `.zone-${id}`).join(',')})>.labels{flex-direction:row;gap:${LABEL_GAP_PX}px}`;

const outsideRules = ({ outside: share }: LabelPlaceKind): string =>
  share === 1
    ? `inset-block:auto 100%;padding:0 0 ${LABEL_GAP_PX}px`
    : `translate:0 ${-100 * share}%;padding:0 ${ZONE_PADDING_PX}px`;

/** Rules for cards of which labels reach over their pictures, with the room that they take there. */
export const outsideLabelsCss = (card: string, roomPx: number): string =>
  `${card}>.part-picture{overflow:visible;min-height:0;margin-block-start:${roomPx}px}${card}>.part-picture>img{border-radius:inherit}` +
  outside.map((place) => `${card} .zone-${place.id}{${outsideRules(place)}}`).join('');

/** How far from its edges a label stands: the first of its corner takes it off the upper one, the last off the lower. */
function apartRules(label: StoreLabel, selector: string): string {
  const farther = fartherPx(label);
  if (farther === 0) return '';
  const { block, inline, outside: share } = labelPlace(placeOf(label));
  const aside = `${selector}{margin-inline-${inline}:${farther}px}`;
  if (share === 1) return `.labels>${selector}{margin-block-end:${farther}px}`;
  if (share > 0) return aside;
  const [which, box] =
    block === 'start' ? [':first-child', '.labels'] : [':last-child', '.labels:last-child'];
  return `${aside}${box}>${selector}${which}{margin-block-${block}:${farther}px}`;
}

/** What of a label is its own: its colours, and how far from the edges of the picture it stands. */
export function labelCss(label: StoreLabel): string {
  const { id, ground, ink } = label;
  const selector = `.label.of-${cssName(id)}`;
  const colours = `${ground ? `background:${cssColour(ground)};` : ''}${ink ? `color:${cssColour(ink)}` : ''}`;
  return `${colours && `${selector}{${colours}}`}${apartRules(label, selector)}`;
}
