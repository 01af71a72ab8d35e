import { valueAt } from '../bands/varying.ts';
import { partKind } from '../card/parts/index.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { layoutKind } from '../layouts/index.ts';
import { bayKind } from '../bays/index.ts';
import { fillCrop } from '../picture/crop.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { shelvesDrawn } from '../view/shelvesIn.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';
import { byBand, within } from './containers.ts';
import { groundCss, ownColours } from './onDark.ts';
import { allBays } from '../view/allBays.ts';
import { edgesCss } from './edgesCss.ts';
import { headingBesideCss } from './headingCss.ts';
import { keptRoomCss } from './keptRoom.ts';
import { bandsCss, cardTextCss, placesCss } from './shelfCss.ts';
import { labelColoursCss, labelPlaceCss } from './labelCss.ts';
import { LAYERS, styleCss } from '../style/styleCss.ts';
import { cssColour, cssName, scopeOf } from './written.ts';

/** How wide a bay is, and the space at its sides; what it has from the house is written once for all. */
function roomCss({ room, heading }: BayView, { bands, margin, side }: PageView, scope: string): string {
  const asAll = JSON.stringify(room.marginPx) === JSON.stringify(margin) && !side;
  return (
    byBand(bands, (band) => {
      const most = valueAt(room.mostPx, bands, band);
      return `${scope}{--inner:${most === null ? 'none' : `${most}px`}}`;
    }) +
    (asAll ? '' : byBand(bands, (band) => `${scope}{--margin:${valueAt(room.marginPx, bands, band)}px}`)) +
    headingBesideCss(heading, bands, `${scope}>.inner`)
  );
}

/** A bay that is moved up lies over all that come before it, or under them. */
function overlapCss({ look }: BayView, { bands }: PageView, scope: string): string {
  if (!Object.values(look.rise).some((px) => px > 0)) return '';
  return (
    byBand(bands, (band) => `${scope}{margin-top:-${valueAt(look.rise, bands, band)}px}`) +
    `${look.lies === 'over' ? scope : `:has(~${scope})`}{position:relative;z-index:1}`
  );
}

function bayCss(bay: BayView, view: PageView): string {
  const around = !view.bays.includes(bay);
  const scope = scopeOf('bay', bay.id);
  const { look, content } = bay;
  let css = byBand(view.bands, (band) => {
    const above = valueAt(look.above, view.bands, band);
    const below = valueAt(look.below, view.bands, band);
    return `${scope}{padding-block:${above}px ${below}px}`;
  });
  if (look.background) {
    css += `${scope}{background:${cssColour(look.background)};${groundCss(look.background, view.colours)}}`;
  }
  // In the header and the footer it has its place in a row instead.
  if (!around) css += roomCss(bay, view, scope) + overlapCss(bay, view, scope);
  css += bandsCss(scope, bay.bands, view.bands);
  if (bay.standIn) css += keptRoomCss(bay, bay.standIn, view.bands);
  return css + bayKind(content.holds).css(content, scope, view.bands);
}

/** What is styled in a bay and on its shelves. */
const bayStyleCss = (bay: BayView, { bands }: PageView): string =>
  [
    styleCss(bay.style, 'o', scopeOf('bay', bay.id), bands),
    ...shelvesDrawn(bay).map((shelf) => styleCss(shelf.style, 'o', scopeOf('shelf', shelf.id), bands)),
  ].join('');

/** Short class for the pictures that are cropped alike at every proportion: of one shape and one focal point. */
export const cropClass = ({ width, height, focal }: PictureFacts): string =>
  `crop-${Math.round((1000 * width) / height)}-${Math.round(focal.x * 100)}-${Math.round(focal.y * 100)}`;
/** Class that carries a picture's own colour until it is there. */
export const toneClass = (dominant: string): string => `tone-${dominant.slice(1)}`;

/** Where cropped pictures are held, at each width at which their proportions differ. */
function cropRules(shelf: ShelfView, crops: ReadonlyMap<string, PictureFacts>): string {
  const scope = scopeOf('shelf', shelf.id);
  let css = '';
  let before = '';
  for (const step of shelf.steps) {
    // Of a height in px, the proportions at the narrowest card of the step stand for all of them.
    const shape = layoutKind(step.layout).card === 'ground' ? step.ground : step.picture;
    const frame = shape.by === 'ratio' ? shape.ratio : 1;
    const rules = [...crops]
      .map(([name, { width, height, focal }]) => {
        const { x, y } = fillCrop(frame, width / height, focal);
        return `${scope} .${name}{object-position:${x}% ${y}%}`;
      })
      .sort()
      .join('');
    if (rules !== before) css += within(step.from, Infinity, rules);
    before = rules;
  }
  return css;
}

/** Positions and colours of the pictures of a bay, as classes, since a strict page has no inline styles. */
function pictureCss({ content }: BayView): string {
  const rules = new Set<string>();
  const add = (dominant: string) =>
    rules.add(`.${cssName(toneClass(dominant))}{background-color:${cssColour(dominant)}}`);
  for (const { dominant } of bayKind(content.holds).tones(content)) add(dominant);
  let positions = '';
  for (const shelf of shelvesDrawn({ content })) {
    const crops = new Map<string, PictureFacts>();
    for (const card of shelf.cards)
      for (const part of card.parts) {
        for (const later of partKind(part.part)?.laterPictures?.(part) ?? [])
          crops.set(cropClass(later), later);
        if (!('picture' in part) || !part.picture) continue;
        add(part.picture.dominant);
        crops.set(cropClass(part.picture), part.picture);
      }
    positions += cropRules(shelf, crops);
  }
  return [...rules].sort().join('') + positions;
}

/** What every rule of a page reads by its name: the colours of the house, with the names of the custom properties. */
export const pageTokens = (colours: PageView['colours']): ReadonlyMap<string, string> =>
  new Map(
    [...Object.entries(colours), ...ownColours(colours)].map(([name, value]) => [
      `--${cssName(name)}`,
      cssColour(value),
    ]),
  );

/** The piece of a page's style sheet that says its tokens, and nothing else. */
export const TOKENS_PIECE = ' tokens';

/**
 * Style sheet text of a page in pieces that are changed apart: its tokens, the house's under an empty id, then every
 * bay in its own scope: its pictures, the places of its cards, what is styled, and all else under its id.
 */
export function pageStyles(view: PageView): ReadonlyMap<string, string> {
  const tokens = [...pageTokens(view.colours)].map(([name, value]) => `${name}:${value}`).join(';');
  const house =
    `html{background:${cssColour(view.colours.ground)}}.region{--content:${view.edgesPx}px;--part-gap:${PART_GAP_PX}px}` +
    byBand(view.bands, (band) => `:where(.region)>*{--margin:${valueAt(view.margin, view.bands, band)}px}`) +
    cardTextCss() +
    view.labels.map(labelPlaceCss).join('');
  return new Map([
    [TOKENS_PIECE, `.region{${tokens}}`],
    ['', house],
    [
      ' style',
      LAYERS + styleCss(view.style, 'h', '', view.bands) + view.labels.map(labelColoursCss).join(''),
    ],
    [' edges', edgesCss(view)],
    ...allBays(view).flatMap((bay) =>
      [
        [`${bay.id} pictures`, pictureCss(bay)] as const,
        [`${bay.id} places`, shelvesDrawn(bay).map(placesCss).join('')] as const,
        [bay.id, bayCss(bay, view)] as const,
        [`${bay.id} style`, bayStyleCss(bay, view)] as const,
      ].filter(([, css]) => css !== ''),
    ),
  ]);
}

/** The same as one text. */
export const pageCss = (view: PageView): string => [...pageStyles(view).values()].join('');
