import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { placedPicturePx } from '../card/placing.ts';
import { layoutKind } from '../layouts/index.ts';
import type { Room } from '../geometry/steps.ts';
import type { StepView } from './view.ts';

const short = (value: number) => Number(value.toFixed(3));

/** Width of a card's picture where a shelf has an inner width of `innerPx`, px. */
export function picturePx(step: StepView, innerPx: number): number {
  const kind = layoutKind(step.layout);
  return (
    kind.picturePx?.(step, innerPx) ??
    placedPicturePx(step.placing, kind.cardPx(step, innerPx) - 2 * step.insidePx)
  );
}

/** The same as a length of CSS, for a region as wide as the window; a card's width grows evenly with the room. */
function growing(step: StepView, marginPx: number): string {
  const [at, further] = [picturePx(step, 2_000), picturePx(step, 3_000)];
  const slope = (further - at) / 1_000;
  if (slope <= 0) return `${Math.ceil(at)}px`;
  const less = 2 * marginPx + (2_000 - at / slope);
  return `calc((100vw - ${short(less)}px) / ${short(1 / slope)})`;
}

/**
 * The `sizes` of a card's picture, written from the same geometry that lays the cards out; widest first. The
 * region is taken to be as wide as the window, which is what `sizes` can speak of.
 */
export function pictureSizes(steps: readonly StepView[], room: Room, bands: Bands): string {
  return [...steps]
    .reverse()
    .flatMap((step) => {
      const margin = valueAt(room.marginPx, bands, step.bandId);
      const full = room.maximumPx === null ? Infinity : room.maximumPx + 2 * margin;
      const sizes: [number, string][] = [];
      if (full < step.to)
        sizes.push([Math.max(full, step.from), `${Math.ceil(picturePx(step, room.maximumPx!))}px`]);
      if (full > step.from) sizes.push([step.from, growing(step, margin)]);
      return sizes;
    })
    .map(([from, size]) => (from > 0 ? `(min-width: ${from}px) ${size}` : size))
    .join(', ');
}
