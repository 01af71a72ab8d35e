import { modeLrgb, modeRgb, parse, useMode, wcagContrast } from 'culori/fn';

// culori knows only the colour spaces that it is told of, so that the rest need not be shipped.
useMode(modeRgb);
useMode(modeLrgb);

export const WHITE = '#ffffff';

/** Colours of a house that text is written in or on, #rrggbb. */
interface Written {
  text: string;
  ground: string;
}

/**
 * What a house writes on light backgrounds: its text, or the background of its pages where its text is light. The text
 * where one of them is no colour.
 */
export const darkOf = ({ text, ground }: Written): string =>
  !parse(text) || !parse(ground) || wcagContrast(text, WHITE) >= wcagContrast(ground, WHITE) ? text : ground;

/** White or the dark colour of a house, whichever stands out more from a ground (WCAG 2.2 contrast); its text on what is no colour. */
export function textOn(ground: string, colours: Written): string {
  const dark = darkOf(colours);
  if (!parse(ground) || !parse(dark)) return colours.text;
  return wcagContrast(WHITE, ground) > wcagContrast(dark, ground) ? WHITE : dark;
}
