import { bandById, nominalOf, type Bands } from '../bands/bands.ts';
import type { PictureShape, SetShape } from './pictureShape.ts';

/** How high a picture is, as CSS: in proportion to its width, or a length. */
export type PictureHeight = { ratio: number } | { length: string };

/** The height of a picture as CSS; null where each has its own. */
export function heightOf(shape: SetShape): PictureHeight;
export function heightOf(shape: PictureShape): PictureHeight | null;
export function heightOf(shape: PictureShape): PictureHeight | null {
  if (shape.by === 'ratio') return { ratio: Number(shape.ratio.toFixed(4)) };
  if (shape.by === 'own') return null;
  return { length: shape.by === 'height' ? `${shape.px}px` : `calc(var(--screen)*${shape.share / 100})` };
}

/** A share of the screen, percent, on the nominal screen of a band. */
export const ofScreen = (share: number, bands: Bands, bandId: string): SetShape => ({
  by: 'screen',
  share,
  px: (nominalOf(bands, bandById(bands, bandId)!).height * share) / 100,
});
