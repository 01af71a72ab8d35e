import { bandById, nominalOf, type Bands } from '../bands/bands.ts';
import { withValueMeant, type Varying } from '../bands/varying.ts';
import type { Card } from './card.ts';
import { nearestRatio } from './ratio.ts';

/** The size to which somebody dragged a picture, px. */
export interface DraggedPicture {
  widthPx: number;
  heightPx: number;
  /** As it is; else rounded to what is usual. */
  exact: boolean;
}

type Own = Card['parts']['picture'];

const rounded = (value: number, step: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, Math.round(value / step) * step));

/** By each way in which pictures can be as high as one was dragged: the value of its setting, and that in words. */
const ways: Partial<
  Record<Own['by'], (dragged: DraggedPicture, screenPx: number) => { value: string | number; words: string }>
> = {
  ratio({ widthPx, heightPx, exact }) {
    const value = nearestRatio(widthPx / heightPx, exact);
    return { value, words: value };
  },
  height({ heightPx, exact }) {
    const value = rounded(heightPx, exact ? 1 : 10, 40, 1200);
    return { value, words: `${value} px` };
  },
  screen({ heightPx, exact }, screenPx) {
    const value = rounded((100 * heightPx) / screenPx, exact ? 1 : 5, 10, 100);
    return { value, words: `${value}% of the screen` };
  },
};

/** Whether pictures can be dragged to a height of their own; a size of the store is the store's. */
export const isDraggable = ({ by }: Pick<Own, 'by'>): boolean => by in ways;

/** The setting that makes pictures as high as one was dragged at a band, its value, and that in words; null where none does. */
export function pictureDragged(
  own: Own,
  dragged: DraggedPicture,
  bands: Bands,
  bandId: string,
): { setting: string; value: Varying<unknown>; words: string } | null {
  const screenPx = nominalOf(bands, bandById(bands, bandId)!).height;
  const set = ways[own.by]?.(dragged, screenPx);
  if (!set) return null;
  // Each way has its value under its own name.
  const varying = own[own.by as 'ratio' | 'height' | 'screen'] as Varying<unknown>;
  return {
    setting: `card.parts.picture.${own.by}`,
    value: withValueMeant(varying, bands, bandId, set.value),
    words: set.words,
  };
}
