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
export function headingHeight({ words, level }: Heading, regionPx: number): number {
  if (words === '') return 0;
  const [least, share, most] = SIZES[level];
  return LINE * Math.min(most, Math.max(least, (share / 100) * regionPx)) + BELOW_PX;
}
