import { OFS } from '../../assortment/of.ts';
import { valueAt } from '../../bands/varying.ts';
import { choice, colourOr, integer, own, yesNo } from '../../settings/values.ts';
import { setting, varying, type Complete, type ShownCard } from '../../settings/setting.ts';
import type { PictureFacts } from '../../catalogue/facts.ts';
import { fillCrop } from '../../picture/crop.ts';
import { cssColour } from '../../css/written.ts';
import { counted } from '../../sentence/sentence.ts';
import { faceOf } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import type { PictureShape } from '../pictureShape.ts';
import { ofScreen } from '../pictureHeight.ts';
import { MOST_PICTURES } from '../../picture/limits.ts';
import { firstSizes, SIZE_ID, sizeOf, sizeRatio } from '../../picture/namedSizes.ts';
import { string } from '../../schema/schema.ts';
import { ratio, RATIOS, ratioValue } from '../ratio.ts';

/** By its id. */
const storeSize = own<string>(
  string().matches(SIZE_ID, 'A size is named by small letters, digits and hyphens.').required(),
  (id, names) => names.pictureSize(id)?.toLowerCase() ?? 'one that is gone',
  { is: 'pictureSize' },
);

const unless = (by: string, why: string) => (read: (id: string) => unknown) =>
  read('card.parts.picture.by') === by ? null : why;

/** Corners that are rounded by as much are in the style sheet of all pages. */
export const CORNERS_PX = 3;

const NO_MORE = 'No product that is shown has a second picture';

/** Whether any card has more pictures than its first, or there are none to know by. */
const anyMore = (cards: readonly ShownCard[]): boolean =>
  cards.length === 0 ||
  cards.some(({ parts }) =>
    parts.some((one) => {
      const { second, more } = one as { second?: unknown; more?: readonly unknown[] };
      return Boolean(second) || (more?.length ?? 0) > 0;
    }),
  );

const settings = {
  by: setting(
    choice({ ratio: 'By ratio', height: 'Fixed', screen: 'Share of screen', size: 'Size of the store' }),
    'ratio',
    {
      name: 'Picture height',
      find: ['height', 'ratio', 'picture'],
    },
  ),
  ratio: varying(ratio(RATIOS), '4:5', {
    name: 'Picture ratio, width to height',
    find: ['ratio', 'picture', 'shape', 'height', 'proportions'],
    offBecause: unless('ratio', 'Pictures have another height than by ratio'),
  }),
  height: varying(integer(40, 1200, 'px', { step: 10 }), 240, {
    name: 'Fixed picture height',
    find: ['height', 'picture'],
    offBecause: unless('height', 'Pictures have no fixed height'),
  }),
  screen: varying(integer(10, 100, '%', { step: 5 }), 50, {
    name: 'Picture height, share of the screen',
    find: ['height', 'picture', 'screen'],
    offBecause: unless('screen', 'Pictures do not go by the screen'),
  }),
  size: setting(storeSize, firstSizes[1]!.id, {
    name: 'Size of the store',
    find: ['size', 'resolution', 'picture', 'dimensions'],
    about: 'Pictures have its proportions, and none is fetched wider than it is.',
    offBecause: unless('size', 'Pictures do not go by a size of the store'),
  }),
  fit: setting(choice({ fill: 'Fills its frame', whole: 'Shown whole' }), 'fill', {
    name: 'Picture fit',
    find: ['fill', 'whole', 'crop', 'fit'],
  }),
  shape: setting(choice({ corners: 'With corners', round: 'Round' }), 'corners', {
    name: 'Picture shape',
    find: ['shape', 'circle', 'round', 'corners'],
    about: 'Round is a circle where the picture is as wide as high.',
  }),
  corners: setting(integer(0, 60, 'px'), CORNERS_PX, {
    name: 'Picture corners, rounded by',
    find: ['corners', 'rounded', 'square'],
    offBecause: (read) => (read('card.parts.picture.shape') === 'round' ? 'Pictures are round' : null),
  }),
  behind: setting(colourOr('the card background'), null, {
    name: 'Background of pictures',
    find: ['background', 'cut-out', 'transparent', 'picture', 'colour'],
    about: 'Seen around pictures that are shown whole, and through cut-out ones.',
  }),
  through: setting(yesNo(), false, {
    name: 'White of pictures lets the background through',
    find: ['white', 'cut-out', 'multiply', 'blend', 'background'],
    about: 'For pictures that were taken on white: all of them stand on one background.',
  }),
  second: setting(yesNo(), false, {
    name: 'Second picture on hover',
    find: ['second', 'other', 'hover', 'picture'],
    about: 'Of what has two; with the keyboard too.',
    items: ['products'],
    offBecause: (read) =>
      (read('card.parts.picture.several') as number) > 1 ? 'There are several to flick through' : null,
    idle: ({ cards }, read) => (read('card.parts.picture.second') && !anyMore(cards) ? NO_MORE : null),
  }),
  several: setting(integer(1, MOST_PICTURES), 1, {
    name: 'Pictures to flick through, at most',
    find: ['pictures', 'several', 'flick', 'swipe', 'more', 'gallery'],
    about: 'By swiping, with arrows or by keys, without leaving the page.',
    items: ['products'],
    idle: ({ cards }, read) =>
      (read('card.parts.picture.several') as number) > 1 && !anyMore(cards) ? NO_MORE : null,
  }),
  hover: setting(
    choice({ none: 'Nothing', zoom: 'Zooms in', dims: 'Darkens', lightens: 'Lightens' }),
    'none',
    {
      name: 'Picture on hover',
      find: ['hover', 'zoom', 'darken', 'lighten', 'tone'],
      about: 'Who asked for less motion sees no zoom.',
    },
  ),
  strength: setting(integer(2, 40, '%', { step: 2 }), 8, {
    name: 'Picture on hover: how much',
    find: ['hover', 'zoom', 'strength', 'tone'],
    offBecause: (read) => (read('card.parts.picture.hover') === 'none' ? 'Nothing happens on hover' : null),
  }),
};

const proportionsOf = ({ width, height }: PictureFacts): number => width / height;
const tenth = (ratio: number): number => Math.round(ratio * 10) / 10;

type Own = Complete<typeof settings>;

const sayHeight = ({ by, ratio, height, screen }: Own): string => {
  if (by === 'size') return 'in a size of the store';
  const values = Object.values({ ratio, height, screen }[by]);
  const measure = {
    ratio: String(values[0]),
    height: `${values[0]} px high`,
    screen: `${values[0]}% of the screen high`,
  }[by];
  return `${measure}${new Set(values).size > 1 ? ' and others' : ''}`;
};

/** What stands on a round picture is not cut by its shape. */
function shapeCss(scope: string, shape: Own['shape'], corners: number): string {
  if (shape === 'round')
    return `${scope} .part-picture:not(.bare){overflow:visible;min-height:0;background:none}${scope} .frame{border-radius:50%}`;
  return corners === CORNERS_PX ? '' : `${scope} .part-picture{border-radius:${corners}px}`;
}

/** One background for all pictures, which the white of them lets through if that is wanted. */
function behindCss(scope: string, { behind, through }: Pick<Own, 'behind' | 'through'>): string {
  const pictures = `${scope} :is(.part-picture,.frame,.flick>a)>img`;
  // While they are fetched pictures have a tone of their own, which would hide it.
  const bare = behind === null && !through ? '' : `${pictures}{background:none}`;
  const ground =
    behind === null
      ? ''
      : `${scope} .part-picture{--card:${cssColour(behind)}}${scope} .frame{background:var(--card)}`;
  return bare + ground + (through ? `${pictures}{mix-blend-mode:multiply}` : '');
}

const sayOthers = ({ second, several }: Own): string => {
  if (several > 1) return `, up to ${several} to flick through`;
  return second ? ', second on hover' : '';
};

const pointed = (rules: string, more = '') => `@media (hover:hover)${more}{${rules}}`;

/** What happens to the pictures of a card that is pointed at; `share` is how much, 0..1. */
const hoverCss: Record<Own['hover'], (pictures: string, share: number) => string> = {
  none: () => '',
  zoom: (pictures, share) =>
    pointed(`${pictures}{transform:scale(${1 + share})}`, ' and (prefers-reduced-motion:no-preference)'),
  dims: (pictures, share) => pointed(`${pictures}{filter:brightness(${1 - share}) var(--tone,)}`),
  lightens: (pictures, share) => pointed(`${pictures}{filter:brightness(${1 + share}) var(--tone,)}`),
};

export const picturePart = partKindOf({
  id: 'picture',
  of: OFS,
  name: 'Picture',
  find: ['picture', 'image', 'photograph'],
  atFirst: true,
  settings,
  column: { align: 'center', share: 0, least: 72 },
  needs: [],
  isPicture: true,
  text: null,
  alsoNeeds: ({ several }) => (several > 2 ? ['pictures'] : []),
  reads: ({ by, size, fit, second, several, shape, hover }) => ({
    fit,
    size: by === 'size' ? size : null,
    second: second && several === 1,
    several,
    framed: second || several > 1 || shape === 'round' || hover !== 'none',
  }),
  view: (item, { fit, size, second, several, framed }, { labels, pictureSizes }) => ({
    picture: faceOf(item).picture,
    second: (second && item.of === 'products' && item.product.pictures[1]) || null,
    /** Pictures after the first, to be flicked through. */
    more: item.of === 'products' ? item.product.pictures.slice(1, several) : [],
    /** It needs a frame of its own within the place that it has. */
    framed,
    labels,
    fit,
    /** No wider is any of them fetched, px; null for as wide as is needed. */
    mostPx: (size !== null && sizeOf(pictureSizes, size)?.width) || null,
  }),
  fullest: (view) => view,
  scripted: ({ more }) => more.length > 0,
  heightPx: ({ picture }, _own, widthPx, shape) => {
    if (shape.by === 'height' || shape.by === 'screen') return shape.px;
    if (shape.by === 'ratio') return widthPx / shape.ratio;
    return picture ? widthPx * (picture.height / picture.width) : widthPx;
  },
  shape: (own, sizes, bands, bandId): PictureShape => {
    const size = own.by === 'size' ? sizeOf(sizes, own.size) : undefined;
    if (size) return { by: 'ratio', ratio: sizeRatio(size) };
    if (own.by === 'height') return { by: 'height', px: valueAt(own.height, bands, bandId) };
    if (own.by === 'screen') return ofScreen(valueAt(own.screen, bands, bandId), bands, bandId);
    return { by: 'ratio', ratio: ratioValue(valueAt(own.ratio, bands, bandId)) };
  },
  hard: [
    {
      id: 'no-picture',
      name: 'No picture',
      hardness: (view) => (view?.picture ? null : 0),
      said: () => 'none yet',
      counted: 'withoutPicture',
    },
    {
      id: 'widest-picture',
      name: 'Widest picture',
      hardness: (view) => (view?.picture ? proportionsOf(view.picture) : null),
      said: (_, __, ratio) => `${tenth(ratio)} times as wide as high`,
    },
    {
      id: 'tallest-picture',
      name: 'Tallest picture',
      hardness: (view) => (view?.picture ? 1 / proportionsOf(view.picture) : null),
      said: (_, __, ratio) => `${tenth(ratio)} times as high as wide`,
    },
    {
      id: 'most-cropped',
      name: 'Most cropped',
      hardness: (view, _, shape) =>
        view?.picture && view.fit === 'fill' && shape.by === 'ratio'
          ? fillCrop(shape.ratio, proportionsOf(view.picture), view.picture.focal).loss || null
          : null,
      said: (_, __, loss) => `${Math.round(loss * 100)}% cut off`,
    },
    {
      id: 'most-labels',
      name: 'Most labels',
      hardness: (view) => view?.labels.length || null,
      said: (_, __, labels) => counted(labels, 'label'),
    },
  ],
  laterPictures: ({ second, more }) => (second ? [second] : more),
  css: (scope, { fit, shape, corners, hover, strength, behind, through }) =>
    `${scope}{--fit:${fit === 'fill' ? 'cover' : 'contain'}}` +
    shapeCss(scope, shape, corners) +
    behindCss(scope, { behind, through }) +
    hoverCss[hover](`${scope} .card:hover .frame img,${scope} .card:focus-within .frame img`, strength / 100),
  say: (own) => `picture ${sayHeight(own)}${own.fit === 'whole' ? ', shown whole' : ''}${sayOthers(own)}`,
  opens: 'ratio',
});
