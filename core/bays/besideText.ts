import { bandEnd, type Bands } from '../bands/bands.ts';

/** Where pictures stand by the text that belongs to them. */
export const SIDES = {
  before: 'Before the text',
  after: 'After the text',
  above: 'Above',
  below: 'Below',
} as const;
export type Side = keyof typeof SIDES;

export const isAside = (side: Side): boolean => side === 'before' || side === 'after';

/** Wider than this a window is not reckoned with, px. */
const WIDEST_PX = 2560;

/**
 * The width of a picture at each band, at most, as `sizes` of HTML tells a browser before it has the style sheet.
 * @param widthAt its width where the region is so wide, px
 */
export const sizesAt = (bands: Bands, widthAt: (regionPx: number) => number): string =>
  [...bands]
    .reverse()
    .map((band) => {
      const px = `${Math.ceil(widthAt(Math.min(bandEnd(bands, band.id), WIDEST_PX)))}px`;
      return band.from > 0 ? `(min-width:${band.from}px) ${px}` : px;
    })
    .join(', ');
