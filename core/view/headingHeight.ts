import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import type { Heading } from '../plan/bay.ts';

/** Size of the text of a heading by its level: px at least, a share of the region's width in percent, px at most. */
const SIZES: Readonly<Record<Heading['level'], readonly [least: number, share: number, most: number]>> = {
  1: [28, 4, 40],
  2: [22, 2.6, 30],
  3: [20, 0, 20],
  4: [17, 0, 17],
};
const LINE = 1.2;
const BELOW_PX = 20;

/** Height of the heading over a bay on one line, with the space below it, px; as the base sheet has it. */
function headingHeight({ words, level, shown }: Heading, regionPx: number): number {
  if (words === '' || !shown) return 0;
  const [least, share, most] = SIZES[level];
  return LINE * Math.min(most, Math.max(least, (share / 100) * regionPx)) + BELOW_PX;
}

/**
 * Height of a bay with its heading, px: one above the other, or as high as the higher of them.
 * @param contentPx height of what the heading is about
 */
export function withHeading(heading: Heading, bands: Bands, regionPx: number, contentPx: number): number {
  const headingPx = headingHeight(heading, regionPx);
  const isBeside = valueAt(heading.stands, bands, bandAt(bands, regionPx).id) === 'beside';
  return isBeside ? Math.max(headingPx - BELOW_PX, contentPx) : headingPx + contentPx;
}
