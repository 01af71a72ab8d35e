import { labelKinds } from '../label/labels/index.ts';
import { LABELS_LAYER } from '../style/styleCss.ts';
import { LABEL_GAP_PX } from '../label/labelKind.ts';
import { fartherPx, labelPlace, labelPlaces, placeOf, type LabelPlaceKind } from '../label/labelPlaces.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import { ZONE_PADDING_PX, zoneKind } from '../card/zones.ts';
import { asOnPage } from './onDark.ts';
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

const selectorOf = ({ id }: StoreLabel): string => `.label.of-${cssName(id)}`;

/** How far from the edges of the picture a label stands. */
export const labelPlaceCss = (label: StoreLabel): string => apartRules(label, selectorOf(label));

/** Colours of a label's own, which come over those that the house sets of all labels. */
export function labelColoursCss(label: StoreLabel): string {
  const { ground, ink } = label;
  const colours = [
    ground && `background:${cssColour(ground)}!important`,
    ink && `color:${cssColour(ink)}!important`,
  ].filter(Boolean);
  return colours.length > 0 ? `@layer ${LABELS_LAYER}{${selectorOf(label)}{${colours.join(';')}}}` : '';
}

/** Each kind of label in its own colours, so that two together are told apart. */
export const labelKindsCss: string = labelKinds
  .map(
    ({ id, colours: [ground, words] }) =>
      `.label-${id}{background:${asOnPage(ground)};color:${asOnPage(words)}}`,
  )
  .join('');
