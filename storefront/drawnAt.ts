import { createContext, useContext } from 'react';
import type { Bands } from '../core/bands/bands.ts';
import { RENDITION_WIDTHS } from '../core/picture/renditions.ts';

/** A page that is drawn smaller than it is, as in a frame on a wall. */
export interface DrawnAt {
  /** True width of the page, px. */
  widthPx: number;
  /** Drawn size to true size. */
  scale: number;
  bands: Bands;
}

/** Where a page is drawn small; null in public, where it is as large as it is. */
export const DrawnAtContext = createContext<DrawnAt | null>(null);

/** Few and far apart, so that a card that grows a little keeps its picture. */
const DRAWN_WIDTHS = RENDITION_WIDTHS.filter((width) => [160, 320, 640, 1280].includes(width));

/**
 * `sizes` for a picture: as in public, or for a page that is drawn small the width it really has there, so
 * that no larger picture than can be seen is fetched and painted.
 * @param shareOf the picture's width, px, in a page of the given width
 */
export function usePictureSizes(inPublic: string, shareOf: (pagePx: number, bands: Bands) => number): string {
  const drawn = useContext(DrawnAtContext);
  if (!drawn) return inPublic;
  const px = shareOf(drawn.widthPx, drawn.bands) * drawn.scale;
  return `${DRAWN_WIDTHS.find((width) => width >= px) ?? DRAWN_WIDTHS.at(-1)!}px`;
}
