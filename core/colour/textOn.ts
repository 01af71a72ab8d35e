import { modeLrgb, modeRgb, parse, useMode, wcagContrast } from 'culori/fn';

// culori knows only the colour spaces that it is told of, so that the rest need not be shipped.
useMode(modeRgb);
useMode(modeLrgb);

/** White or the dark text colour, whichever stands out more from a ground (WCAG 2.2 contrast); all #rrggbb. The dark one on what is no colour. */
export function textOn(ground: string, dark: string): string {
  if (!parse(ground) || !parse(dark)) return dark;
  return wcagContrast('#ffffff', ground) > wcagContrast(dark, ground) ? '#ffffff' : dark;
}
