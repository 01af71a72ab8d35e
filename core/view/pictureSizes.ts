import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { cardSides } from '../card/cardSpace.ts';
import { placedPicturePx } from '../card/placing.ts';
import { layoutKind } from '../layouts/index.ts';
import { fullFrom, keptFree, type Room } from '../geometry/steps.ts';
import type { StepView } from './view.ts';

const short = (value: number) => Number(value.toFixed(3));

/**
 * Width of a card's picture where a shelf has an inner width of `innerPx`, px.
 * @param place of the card among those that the step shows; of the widest without it
 */
export function picturePx(step: StepView, innerPx: number, place?: number): number {
  const kind = layoutKind(step.layout);
  return (
    kind.picturePx?.(step, innerPx, place) ??
    placedPicturePx(step.placing, kind.cardPx(step, innerPx) - cardSides(step))
  );
}

/** The same as a length of CSS, for a region as wide as the window; a card's width grows evenly with the room. */
function growing(step: StepView, keptFreePx: number, place?: number): string {
  const [at, further] = [picturePx(step, 2_000, place), picturePx(step, 3_000, place)];
  const slope = (further - at) / 1_000;
  if (slope <= 0) return `${Math.ceil(at)}px`;
  const less = keptFreePx + (2_000 - at / slope);
  return `calc((100vw - ${short(less)}px) / ${short(1 / slope)})`;
}

/** A card's place among those that a step shows, by that in the whole list. */
export const placeIn = ({ shows }: StepView, at: number | undefined): number | undefined =>
  at === undefined ? undefined : at - shows.start;

/**
 * The `sizes` of a card's picture, written from the same geometry that lays the cards out; widest first. The
 * region is taken to be as wide as the window, which is what `sizes` can speak of.
 * @param at the card's place in the whole list, where cards differ; the widest without it
 */
export function pictureSizes(steps: readonly StepView[], room: Room, bands: Bands, at?: number): string {
  return [...steps]
    .reverse()
    .flatMap((step) => {
      const place = placeIn(step, at);
      const full = fullFrom(room, bands, step.bandId);
      const mostPx = valueAt(room.mostPx, bands, step.bandId);
      const sizes: [number, string][] = [];
      if (full < step.to)
        sizes.push([Math.max(full, step.from), `${Math.ceil(picturePx(step, mostPx!, place))}px`]);
      if (full > step.from) sizes.push([step.from, growing(step, keptFree(room, bands, step.bandId), place)]);
      return sizes;
    })
    .map(([from, size]) => (from > 0 ? `(min-width: ${from}px) ${size}` : size))
    .join(', ');
}
