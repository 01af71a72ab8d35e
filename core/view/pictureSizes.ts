import type { Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { cardWidth } from '../geometry/rows.ts';
import type { Room } from '../geometry/steps.ts';
import type { StepView } from './view.ts';

/**
 * The `sizes` of a card's picture, written from the same geometry that lays the cards out; widest first. The
 * region is taken to be as wide as the window, which is what `sizes` can speak of.
 */
export function pictureSizes(steps: readonly StepView[], room: Room, bands: Bands): string {
  return [...steps]
    .reverse()
    .flatMap((step) => {
      const margin = valueAt(room.marginPx, bands, step.bandId);
      const gaps = step.gap.column * (step.across - 1);
      const growing = `calc((100vw - ${2 * margin + gaps}px) / ${step.across})`;
      const full = room.maximumPx === null ? Infinity : room.maximumPx + 2 * margin;
      const sizes: [number, string][] = [];
      if (full < step.to)
        sizes.push([
          Math.max(full, step.from),
          `${Math.ceil(cardWidth(room.maximumPx!, step.across, step.gap.column))}px`,
        ]);
      if (full > step.from) sizes.push([step.from, growing]);
      return sizes;
    })
    .map(([from, size]) => (from > 0 ? `(min-width: ${from}px) ${size}` : size))
    .join(', ');
}
