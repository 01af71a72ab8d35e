import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { heightOf, ofScreen } from '../card/pictureHeight.ts';
import type { SetShape } from '../card/pictureShape.ts';
import { ratio, ratioValue, SLIDE_RATIOS } from '../card/ratio.ts';
import { atBand, byBand } from '../css/containers.ts';
import type { Room } from '../geometry/steps.ts';
import type { Names } from '../sentence/sentence.ts';
import { sayVarying } from '../spec/sayVarying.ts';
import { choice, integer } from '../settings/values.ts';
import { varying, type Complete, type ReadSetting } from '../settings/setting.ts';

export const HEIGHT_BY = {
  height: 'Fixed',
  ratio: 'By ratio',
  screen: 'Share of screen',
  space: 'By its text',
} as const;
export type HeightBy = keyof typeof HEIGHT_BY;

const unless = (by: HeightBy) => (read: ReadSetting) =>
  Object.values(read('heightBy') as Varying<HeightBy>).includes(by)
    ? null
    : `Its height is not ${HEIGHT_BY[by].toLowerCase()}`;

/** How high a banner is at least; its text always fits. */
export const bannerHeightSettings = {
  heightBy: varying(choice<HeightBy>(HEIGHT_BY), 'height', {
    name: 'Height of the banner',
    find: ['height', 'ratio', 'screen', 'space', 'padding', 'tall'],
    about: 'A banner is never lower than its text.',
  }),
  /** px. */
  height: varying(integer(80, 1000, 'px', { step: 20 }), 320, {
    name: 'Height',
    find: ['height', 'tall'],
    offBecause: unless('height'),
  }),
  ratio: varying(ratio(SLIDE_RATIOS), '5:2', {
    name: 'Ratio, width to height',
    find: ['height', 'ratio', 'proportions'],
    offBecause: unless('ratio'),
  }),
  screen: varying(integer(20, 100, '%', { step: 5 }), 70, {
    name: 'Share of the screen',
    find: ['height', 'screen'],
    offBecause: unless('screen'),
  }),
  space: varying(integer(0, 400, 'px', { step: 10 }), 120, {
    name: 'Space above and below its text',
    find: ['height', 'space', 'padding'],
    offBecause: unless('space'),
  }),
};

export type BannerHeight = Complete<typeof bannerHeightSettings>;

/** In narrower regions the picture stands below the text, and is at least so high, as the base sheet has it, px. */
export const UNDER_BELOW_PX = 560;
export const UNDER_PX = 150;

/** Space above and below the text together where it is not set, as the base sheet has it, px. */
const PADDINGS_PX = 64;
const NARROW_PADDINGS_PX = 38;

/** The space above and below the text together, px. */
export function paddingsPx(
  { heightBy, space }: BannerHeight,
  bands: Bands,
  bandId: string,
  regionPx: number,
): number {
  if (valueAt(heightBy, bands, bandId) === 'space') return 2 * valueAt(space, bands, bandId);
  return regionPx < UNDER_BELOW_PX ? NARROW_PADDINGS_PX : PADDINGS_PX;
}

/** The shape that it has at least, whatever its text. */
function shapeAt(high: BannerHeight, bands: Bands, bandId: string): SetShape {
  const at = <T>(varying: Varying<T>) => valueAt(varying, bands, bandId);
  const shapes: Readonly<Record<HeightBy, () => SetShape>> = {
    height: () => ({ by: 'height', px: at(high.height) }),
    ratio: () => ({ by: 'ratio', ratio: ratioValue(at(high.ratio)) }),
    screen: () => ofScreen(at(high.screen), bands, bandId),
    space: () => ({ by: 'height', px: 0 }),
  };
  return shapes[at(high.heightBy)]();
}

/**
 * How high it is at least, whatever its text, px.
 * @param ownPx its width
 */
export function leastHeight(high: BannerHeight, bands: Bands, bandId: string, ownPx: number): number {
  const shape = shapeAt(high, bands, bandId);
  return shape.by === 'ratio' ? ownPx / shape.ratio : shape.px;
}

/** The same as rules of style: `--height` of the banner, and the space around its text where that is set. */
export function heightCss(
  scope: string,
  high: BannerHeight,
  { takenPx, mostPx }: Room,
  bands: Bands,
): string {
  const widthAt = (band: string): string => {
    const [taken, most] = [valueAt(takenPx, bands, band), valueAt(mostPx, bands, band)];
    const free = taken > 0 ? `(100cqi - ${taken}px)` : '100cqi';
    return most === null ? free : `min(${free},${most}px)`;
  };
  const lengthAt = (band: string): string => {
    const height = heightOf(shapeAt(high, bands, band));
    return 'ratio' in height ? `calc(${widthAt(band)}/${height.ratio})` : height.length;
  };
  return (
    byBand(bands, (band) => `${scope}{--height:${lengthAt(band)}}`) +
    bands
      .filter(({ id }) => valueAt(high.heightBy, bands, id) === 'space')
      .map((band) =>
        atBand(bands, band, `${scope} .over{padding-block:${valueAt(high.space, bands, band.id)}px}`),
      )
      .join('')
  );
}

/** "320 px high on Phone, 5:2 from Tablet". */
export function sayHeight(high: BannerHeight, names: Pick<Names, 'bands'>): string {
  const { bands } = names;
  const saidAt = (bandId: string): string => {
    const at = <T>(varying: Varying<T>) => valueAt(varying, bands, bandId);
    const said: Readonly<Record<HeightBy, () => string>> = {
      height: () => `${at(high.height)} px high`,
      ratio: () => `${at(high.ratio)} wide to high`,
      screen: () => `${at(high.screen)}% of the screen high`,
      space: () => `as high as its text with ${at(high.space)} px above and below`,
    };
    return said[at(high.heightBy)]();
  };
  return sayVarying(Object.fromEntries(bands.map(({ id }) => [id, saidAt(id)])), names, (said) => said);
}
