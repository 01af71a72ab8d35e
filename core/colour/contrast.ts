import {
  converter,
  formatHex,
  modeLrgb,
  modeOklch,
  modeRgb,
  useMode,
  wcagLuminance,
  type Rgb,
} from 'culori/fn';
// culori knows only the colour spaces that it is told of, so that the rest need not be shipped.
useMode(modeRgb);
useMode(modeLrgb);
useMode(modeOklch);

/** Least contrast of text that is not large (WCAG 2.2, 1.4.3). */
export const LEAST_CONTRAST = 4.5;

const toOklch = converter('oklch');
const toRgb = converter('rgb');

const ratioOf = (a: number, b: number): number => (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);

/** Contrast of two colours (WCAG 2.2), 1 to 21; #rrggbb. */
export const contrast = (one: string, other: string): number =>
  ratioOf(wcagLuminance(one), wcagLuminance(other));

const isIn = ({ r, g, b }: Rgb): boolean => [r, g, b].every((part) => part >= -1e-4 && part <= 1 + 1e-4);

/** The colour of this lightness and hue with as much of the chroma as sRGB has, #rrggbb. */
function inGamut(l: number, c: number, h: number | undefined): string {
  const at = (chroma: number): Rgb => toRgb({ mode: 'oklch', l, c: chroma, ...(h !== undefined && { h }) });
  let low = 0;
  let high = c;
  if (!isIn(at(c))) {
    for (let i = 0; i < 12; i += 1) {
      const middle = (low + high) / 2;
      if (isIn(at(middle))) low = middle;
      else high = middle;
    }
  } else low = c;
  const { r, g, b } = at(low);
  const clipped = (part: number) => Math.min(1, Math.max(0, part));
  return formatHex({ mode: 'rgb', r: clipped(r), g: clipped(g), b: clipped(b) });
}

/** Halvings of lightness: finer than one step of 8 bits. */
const HALVINGS = 10;

/**
 * The colour nearest to one that stands out from each of these backgrounds: of the same hue, with its lightness moved
 * as little as possible in OKLCH (CSS Color 4), within sRGB. The very colour where it passes; null where none can.
 * @param need least contrast, WCAG 2.2
 */
export function nearestPassing(colour: string, grounds: readonly string[], need: number): string | null {
  const luminances = grounds.map((one) => wcagLuminance(one));
  const passes = (one: string): boolean => {
    const luminance = wcagLuminance(one);
    return luminances.every((ground) => ratioOf(luminance, ground) >= need);
  };
  if (passes(colour)) return colour;
  const { l, c, h } = toOklch(colour)!;
  const found: { hex: string; moved: number }[] = [];
  for (const end of [0, 1]) {
    if (!passes(inGamut(end, 0, h))) continue;
    // From the end towards the colour: the last that passes before the first that does not.
    let [good, bad] = [end, l];
    for (let i = 0; i < HALVINGS; i += 1) {
      const middle = (good + bad) / 2;
      if (passes(inGamut(middle, c, h))) good = middle;
      else bad = middle;
    }
    found.push({ hex: inGamut(good, c, h), moved: Math.abs(good - l) });
  }
  found.sort((a, b) => a.moved - b.moved);
  return found.find(({ hex }) => passes(hex))?.hex ?? null;
}
