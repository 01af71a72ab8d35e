import { nominalOf, bandById, type Bands } from '../bands/bands.ts';
import { differs, everywhere, withValue, type Varying } from '../bands/varying.ts';
import type { Card } from './card.ts';
import { nearestRatio } from './ratio.ts';

/** The size to which somebody dragged a picture, px. */
export interface DraggedPicture {
  widthPx: number;
  heightPx: number;
  /** As it is; else rounded to what is usual. */
  exact: boolean;
}

const rounded = (value: number, step: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, Math.round(value / step) * step));

/** The setting that makes pictures as high as one was dragged at a band, its value there, and that in words. */
export function pictureDragged(
  own: Card['parts']['picture'],
  { widthPx, heightPx, exact }: DraggedPicture,
  bands: Bands,
  bandId: string,
): { setting: string; value: Varying<unknown>; words: string } {
  const set = <T>(name: 'ratio' | 'height' | 'screen', value: T, words: string) => {
    const varying = own[name] as unknown as Varying<T>;
    return {
      setting: `card.parts.picture.${name}`,
      value: differs(varying, bands) ? withValue(varying, bands, bandId, value) : everywhere(bands, value),
      words,
    };
  };
  if (own.by === 'ratio') {
    const ratio = nearestRatio(widthPx / heightPx, exact);
    return set('ratio', ratio, ratio);
  }
  if (own.by === 'height') {
    const px = rounded(heightPx, exact ? 1 : 10, 40, 1200);
    return set('height', px, `${px} px`);
  }
  const screenPx = nominalOf(bands, bandById(bands, bandId)!).height;
  const share = rounded((100 * heightPx) / screenPx, exact ? 1 : 5, 10, 100);
  return set('screen', share, `${share}% of the screen`);
}
