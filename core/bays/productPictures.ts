import { MOST_OF_PRODUCT } from '../picture/limits.ts';
import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { ratio, RATIOS, ratioValue } from '../card/ratio.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { byBand } from '../css/containers.ts';
import { innerWidth, type Room } from '../geometry/steps.ts';
import { fillCrop } from '../picture/crop.ts';
import { byWidth, setting, varying, type Shown } from '../settings/setting.ts';
import { choice, integer } from '../settings/values.ts';
import { isAside, SIDES, sizesAt, type Side } from './besideText.ts';

/** How several pictures of a product are shown. */
export const WAYS = {
  large: 'One large',
  small: 'Small ones to choose',
  dots: 'Position dots',
  grid: 'In two columns',
  stack: 'One below another',
} as const;
export type Way = keyof typeof WAYS;

export const ZOOMS = { none: 'None', press: 'When pressed', hover: 'On hover and when pressed' } as const;
export type Zoom = keyof typeof ZOOMS;

const isEver = (read: (id: string) => unknown, id: string, ...values: readonly string[]): boolean =>
  Object.values(read(id) as Varying<string>).some((one) => values.includes(one));

const ofOne = ({ pictures }: Shown): string | null =>
  pictures !== null && pictures < 2 ? 'The product that is shown has no second picture' : null;

export const pictureSettings = {
  most: setting(integer(0, MOST_OF_PRODUCT, 'pictures'), MOST_OF_PRODUCT, {
    name: 'Pictures, at most',
    find: ['pictures', 'gallery', 'how many'],
  }),
  way: varying(choice<Way>(WAYS), 'large', {
    name: 'Several pictures',
    find: ['gallery', 'carousel', 'grid', 'thumbnails', 'stacked', 'pictures', 'one at a time'],
    about: 'With small ones to choose, or position dots, one is seen at a time.',
    idle: ofOne,
  }),
  smallAt: varying(choice({ below: 'Under it', beside: 'Beside it' }), 'below', {
    name: 'Small pictures',
    find: ['thumbnails', 'small', 'beside', 'under'],
    offBecause: (read) => (isEver(read, 'way', 'small') ? null : 'There are no small pictures'),
    idle: ofOne,
  }),
  stands: varying(choice<Side>(SIDES), byWidth<Side>('above', { 880: 'before' }), {
    name: 'Where pictures stand',
    find: ['side', 'left', 'right', 'above', 'below', 'pictures'],
  }),
  /** Of the width that pictures and text have, percent. */
  share: varying(integer(25, 75, '%'), 58, {
    name: 'Width of the pictures beside text',
    find: ['share', 'width', 'pictures'],
    offBecause: (read) =>
      isEver(read, 'stands', 'before', 'after') ? null : 'Pictures stand beside the text nowhere',
  }),
  between: varying(integer(0, 160, 'px', { step: 4 }), byWidth(28, { 880: 48 }), {
    name: 'Space between pictures and text',
    find: ['space', 'gap', 'between'],
  }),
  shaped: setting(choice({ own: 'As each is', ratio: 'By ratio' }), 'own', {
    name: 'Height of the pictures',
    find: ['ratio', 'height', 'pictures', 'shape'],
  }),
  ratio: varying(ratio(RATIOS), '1:1', {
    name: 'Ratio of the pictures, width to height',
    find: ['ratio', 'shape', 'proportions', 'pictures'],
    offBecause: (read) => (read('shaped') === 'ratio' ? null : 'Pictures are as high as they are'),
  }),
  fit: setting(choice({ fill: 'Fill their frame', whole: 'Shown whole' }), 'fill', {
    name: 'Fit of the pictures',
    find: ['fill', 'whole', 'crop', 'fit'],
    offBecause: (read) => (read('shaped') === 'ratio' ? null : 'Pictures are as high as they are'),
  }),
  zoom: setting(choice<Zoom>(ZOOMS), 'press', {
    name: 'Zoom',
    find: ['zoom', 'enlarge', 'magnify', 'hover'],
    idle: ({ pictures }) => (pictures === 0 ? 'The product that is shown has no picture' : null),
  }),
  strength: setting(integer(120, 400, '%', { step: 10 }), 200, {
    name: 'Strength of the zoom',
    find: ['zoom', 'strength', 'enlarge'],
    offBecause: (read) => (read('zoom') === 'none' ? 'There is no zoom' : null),
  }),
};

/** The pictures of a product as they are drawn. */
export interface ProductPictures {
  all: readonly PictureFacts[];
  way: Varying<Way>;
  smallAt: Varying<'below' | 'beside'>;
  stands: Varying<Side>;
  share: Varying<number>;
  between: Varying<number>;
  /** Width to height; null where each has its own. */
  shape: Varying<number> | null;
  fit: 'fill' | 'whole';
  /** Null for none. */
  zoom: { by: 'press' | 'hover'; percent: number } | null;
  room: Room;
  /** How wide the first and the others are, as `sizes` of HTML writes it. */
  sizes: readonly [first: string, others: string];
}

type Drawn = Omit<ProductPictures, 'sizes'>;

interface SetOfPictures {
  most: number;
  way: Varying<Way>;
  smallAt: Varying<'below' | 'beside'>;
  stands: Varying<Side>;
  share: Varying<number>;
  between: Varying<number>;
  shaped: 'own' | 'ratio';
  ratio: Varying<string>;
  fit: 'fill' | 'whole';
  zoom: Zoom;
  strength: number;
}

/** The side of a small picture that leads to a large one, px. */
export const SMALL_PX = 92;
/** As the sheet of the storefront has them, px. */
const GAP_PX = 12;
const SMALL_GAP_PX = 8;
const DOTS_PX = 24;
/** What a product is told with, px. */
const TEXT_PX = 640;

/** Widths of the pictures at a width of the region, px. */
export function pictureWidths(drawn: Drawn, bands: Bands, regionPx: number) {
  const band = bandAt(bands, regionPx).id;
  const { all, way, smallAt, stands, share, between, room } = drawn;
  const innerPx = innerWidth(room, bands, band, regionPx);
  const beside = isAside(valueAt(stands, bands, band));
  const galleryPx = beside
    ? ((innerPx - valueAt(between, bands, band)) * valueAt(share, bands, band)) / 100
    : innerPx;
  const half = (galleryPx - GAP_PX) / 2;
  const widths: Record<Way, readonly [number, number]> = {
    large: [galleryPx, half],
    grid: all.length > 1 ? [half, half] : [galleryPx, galleryPx],
    stack: [galleryPx, galleryPx],
    dots: [galleryPx, galleryPx],
    small:
      valueAt(smallAt, bands, band) === 'beside' && all.length > 1
        ? [galleryPx - SMALL_PX - GAP_PX, galleryPx - SMALL_PX - GAP_PX]
        : [galleryPx, galleryPx],
  };
  const [firstPx, otherPx] = widths[valueAt(way, bands, band)];
  return { band, beside, galleryPx, firstPx, otherPx };
}

export function productPictures(
  set: SetOfPictures,
  pictures: readonly PictureFacts[],
  room: Room,
  bands: Bands,
): ProductPictures {
  const { most, way, smallAt, stands, share, between, shaped, ratio: ratios, fit, zoom, strength } = set;
  const drawn: Drawn = {
    all: pictures.slice(0, most),
    way,
    smallAt,
    stands,
    share,
    between,
    shape:
      shaped === 'own'
        ? null
        : Object.fromEntries(Object.entries(ratios).map(([band, one]) => [band, ratioValue(one)])),
    fit,
    zoom: zoom === 'none' ? null : { by: zoom, percent: strength },
    room,
  };
  const sizes = (of: 'firstPx' | 'otherPx') => sizesAt(bands, (px) => pictureWidths(drawn, bands, px)[of]);
  return { ...drawn, sizes: [sizes('firstPx'), sizes('otherPx')] };
}

/** Estimated height of pictures and text, px. */
export function productHeight(drawn: ProductPictures, bands: Bands, regionPx: number): number {
  const { all, way, smallAt, between, shape } = drawn;
  const { band, beside, firstPx, otherPx } = pictureWidths(drawn, bands, regionPx);
  const shapePx = shape && valueAt(shape, bands, band);
  const heights = all.map(
    (picture, i) => (i === 0 ? firstPx : otherPx) / (shapePx ?? picture.width / picture.height),
  );
  const [first = 0, ...others] = heights;
  const rowsOf = (list: readonly number[], across: number) => {
    let px = 0;
    for (let i = 0; i < list.length; i += across)
      px += Math.max(...list.slice(i, i + across)) + (i > 0 ? GAP_PX : 0);
    return px;
  };
  const at = valueAt(way, bands, band);
  const several = all.length > 1;
  const galleries: Record<Way, () => number> = {
    large: () => first + (several ? GAP_PX + rowsOf(others, 2) : 0),
    grid: () => rowsOf(heights, 2),
    stack: () => rowsOf(heights, 1),
    dots: () => Math.max(0, ...heights) + (several ? GAP_PX + DOTS_PX : 0),
    small: () =>
      Math.max(0, ...heights) +
      (several && valueAt(smallAt, bands, band) === 'below' ? GAP_PX + SMALL_PX : 0),
  };
  const galleryPx = galleries[at]();
  if (beside) return Math.max(galleryPx, TEXT_PX);
  return galleryPx + (all.length > 0 ? valueAt(between, bands, band) : 0) + TEXT_PX;
}

/** How a way is drawn; the sheet of the storefront reads it, and has the first one where nothing is said. */
const DRAWN: Readonly<Record<Way, string>> = {
  large: '--shots:grid;--shots-across:2;--first:1/-1;--shot:auto;--shot-links:none',
  grid: '--shots:grid;--shots-across:2;--first:auto;--shot:auto;--shot-links:none',
  stack: '--shots:grid;--shots-across:1;--first:auto;--shot:auto;--shot-links:none',
  dots: '--shots:flex;--first:auto;--shot:100%;--shot-links:flex;--shot-link:24px;--shot-link-picture:none;--shot-dot:"";--shot-border:0;--shot-links-at:center',
  small: `--shots:flex;--first:auto;--shot:100%;--shot-links:flex;--shot-link:${SMALL_PX}px;--shot-link-picture:block;--shot-dot:none;--shot-border:2px;--shot-links-at:start`,
};

/** Rules of style of the pictures and of what stands beside them. */
export function picturesCss(drawn: ProductPictures, scope: string, bands: Bands): string {
  const { all, way, smallAt, stands, share, between, shape, fit } = drawn;
  const flow = byBand(bands, (band) => {
    const stand = valueAt(stands, bands, band);
    const at = valueAt(way, bands, band);
    const part = valueAt(share, bands, band);
    const columns = [`minmax(0,${part}fr)`, `minmax(0,${100 - part}fr)`];
    if (stand === 'after') columns.reverse();
    const aside = at === 'small' && all.length > 1 && valueAt(smallAt, bands, band) === 'beside';
    return (
      `${scope}{--split:${isAside(stand) && all.length > 0 ? columns.join(' ') : 'minmax(0,1fr)'};` +
      `--pictures-order:${stand === 'after' || stand === 'below' ? 1 : 0};--between:${valueAt(between, bands, band)}px;` +
      `${all.length > 1 ? DRAWN[at] : DRAWN.stack};` +
      // Told, so that the large ones stand there before what comes after them in the page is read.
      `--gallery:${aside ? `${SMALL_PX}px minmax(0,1fr)` : 'minmax(0,1fr)'};--shots-at:${aside ? 2 : 1};` +
      `--shot-links-flow:${aside ? 'column' : 'row'};--shot-links-order:${aside ? 0 : 2};--shot-links-gap:${SMALL_GAP_PX}px}`
    );
  });
  if (!shape) return flow;
  return (
    flow +
    byBand(bands, (band) => {
      const px = valueAt(shape, bands, band);
      const crops =
        fit === 'whole'
          ? ''
          : all
              .map((picture, i) => {
                const { x, y } = fillCrop(px, picture.width / picture.height, picture.focal);
                return `${scope} .shots>li:nth-child(${i + 1}) img{object-position:${x}% ${y}%}`;
              })
              .join('');
      return `${scope} .shots img{aspect-ratio:${px};object-fit:${fit === 'fill' ? 'cover' : 'contain'}}${crops}`;
    })
  );
}
