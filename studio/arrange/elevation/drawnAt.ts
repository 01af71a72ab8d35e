import { nominalOf, type Bands } from '../../../core/bands/bands.ts';

/** Laptops are what pages are drawn small at: the nominal width, px, of the band whose screen is nearest to it. */
const LAPTOP_PX = 1180;

export const drawnAt = (bands: Bands): number =>
  bands
    .map((band) => nominalOf(bands, band).width)
    .reduce((a, b) => (Math.abs(b - LAPTOP_PX) < Math.abs(a - LAPTOP_PX) ? b : a));
