import type { Line } from './line.ts';
import { bowls } from './bowls.ts';
import { plates } from './plates.ts';
import { mugsAndJugs } from './mugsAndJugs.ts';
import { vases } from './vases.ts';
import { planters } from './planters.ts';
import { teaware } from './teaware.ts';
import { tiles } from './tiles.ts';
import { studioAndGifts } from './studioAndGifts.ts';

/** All lines of the pottery; products are numbered in this order. */
export const lines: readonly Line[] = [
  ...bowls,
  ...plates,
  ...mugsAndJugs,
  ...vases,
  ...planters,
  ...teaware,
  ...tiles,
  ...studioAndGifts,
];
