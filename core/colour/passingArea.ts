import { converter, formatHex, modeHsv, useMode } from 'culori/fn';
import { contrast } from './contrast.ts';

useMode(modeHsv);
const toRgb = converter('rgb');

/** What a colour has to stand out from. */
export interface Against {
  /** #rrggbb */
  grounds: readonly string[];
  /** Least contrast, WCAG 2.2. */
  need: number;
}

/** A colour by hue, 0 to 360, saturation and brightness, 0 to 1; #rrggbb. */
export const hsbHex = (h: number, s: number, v: number): string => formatHex(toRgb({ mode: 'hsv', h, s, v }));

/** Contrast of a colour with the worst of what it has to stand out from. */
export const leastContrast = (hex: string, { grounds }: Pick<Against, 'grounds'>): number =>
  Math.min(...grounds.map((ground) => contrast(hex, ground)));

/**
 * Which colours of a hue stand out, in a field of cells: saturation rises from its start to its end, brightness from
 * its foot to its top. Of each cell what is in its middle; row by row from the top.
 */
export const passingArea = (hue: number, against: Against, columns: number, rows: number): boolean[][] =>
  Array.from({ length: rows }, (_, row) =>
    Array.from(
      { length: columns },
      (_, column) =>
        leastContrast(hsbHex(hue, (column + 0.5) / columns, 1 - (row + 0.5) / rows), against) >= against.need,
    ),
  );
