import { converter, modeLrgb, modeOklch, modeRgb, useMode } from 'culori/fn';
// culori knows only the colour spaces that it is told of, so that the rest need not be shipped.
useMode(modeRgb);
useMode(modeLrgb);
useMode(modeOklch);

/** Least contrast of text that is not large (WCAG 2.2, 1.4.3). */
export const LEAST_CONTRAST = 4.5;

const toOklch = converter('oklch');

/** Light of each of the 256 steps of a channel of sRGB, 0 to 1 (IEC 61966-2-1). */
const LIGHT = Float64Array.from({ length: 256 }, (_, step) => {
  const part = step / 255;
  return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
});

/** The step of a channel for an amount of light, which is cut off at both ends. */
const stepOf = (light: number): number => {
  const part = light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
  return Math.round(255 * Math.min(1, Math.max(0, part)));
};

/** Relative luminance (WCAG 2.2) of three channels, 8 bits each, as one number: 0xrrggbb. */
export const luminanceOf = (rgb: number): number =>
  0.2126 * LIGHT[(rgb >> 16) & 255]! + 0.7152 * LIGHT[(rgb >> 8) & 255]! + 0.0722 * LIGHT[rgb & 255]!;

export const rgbOf = (hex: string): number => parseInt(hex.slice(1), 16);
export const hexOf = (rgb: number): string => `#${rgb.toString(16).padStart(6, '0')}`;

/** Contrast of two luminances, 1 to 21. */
export const ratioOf = (a: number, b: number): number => (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);

/** Contrast of two colours (WCAG 2.2), 1 to 21; #rrggbb. */
export const contrast = (one: string, other: string): number =>
  ratioOf(luminanceOf(rgbOf(one)), luminanceOf(rgbOf(other)));

/** A contrast in words; never more than it is, so that what does not pass does not read as if it did. */
export const sayContrast = (ratio: number): string => (Math.floor(10 * ratio) / 10).toFixed(1);

const cube = (value: number): number => value * value * value;

/** A little beyond the ends is cut off and not seen. */
const isLight = (light: number): boolean => light >= -1e-4 && light <= 1 + 1e-4;

/** Halvings of chroma, and of lightness: finer than one step of 8 bits. */
const HALVINGS = { chroma: 9, lightness: 10 };

/** Colours of OKLab of one hue and their light: red, green and blue, below 0 or over 1 where sRGB has none such. */
class Hue {
  red = 0;
  green = 0;
  blue = 0;
  readonly #cos: number;
  readonly #sin: number;

  constructor(degrees: number) {
    this.#cos = Math.cos((degrees * Math.PI) / 180);
    this.#sin = Math.sin((degrees * Math.PI) / 180);
  }

  /** CSS Color 4, 10.2; whether sRGB has the colour. */
  at(lightness: number, chroma: number): boolean {
    const [a, b] = [chroma * this.#cos, chroma * this.#sin];
    const long = cube(lightness + 0.3963377773761749 * a + 0.2158037573099136 * b);
    const middle = cube(lightness - 0.1055613458156586 * a - 0.0638541728258133 * b);
    const short = cube(lightness - 0.0894841775298119 * a - 1.2914855480194092 * b);
    this.red = 4.0767416360759574 * long - 3.3077115392580616 * middle + 0.2309699031821043 * short;
    this.green = -1.2684379732850317 * long + 2.6097573492876887 * middle - 0.3413193760026573 * short;
    this.blue = -0.0041960761386756 * long - 0.7034186179359362 * middle + 1.7076146940746117 * short;
    return isLight(this.red) && isLight(this.green) && isLight(this.blue);
  }

  /** The colour of a lightness with as much of the chroma as sRGB has, 0xrrggbb. */
  inGamut(lightness: number, chroma: number): number {
    if (!this.at(lightness, chroma)) {
      let [low, high] = [0, chroma];
      for (let i = 0; i < HALVINGS.chroma; i += 1) {
        const middle = (low + high) / 2;
        if (this.at(lightness, middle)) low = middle;
        else high = middle;
      }
      this.at(lightness, low);
    }
    return (stepOf(this.red) << 16) | (stepOf(this.green) << 8) | stepOf(this.blue);
  }
}

/**
 * The colour nearest to one that stands out from each of these backgrounds: of the same hue, with its lightness moved
 * as little as possible in OKLCH (CSS Color 4), within sRGB. The very colour where it passes; null where none can.
 * @param need least contrast, WCAG 2.2
 */
export function nearestPassing(colour: string, grounds: readonly string[], need: number): string | null {
  const luminances = grounds.map((one) => luminanceOf(rgbOf(one)));
  const passes = (rgb: number): boolean => {
    const luminance = luminanceOf(rgb);
    return luminances.every((ground) => ratioOf(luminance, ground) >= need);
  };
  if (passes(rgbOf(colour))) return colour;
  const { l, c, h = 0 } = toOklch(colour)!;
  const hue = new Hue(h);
  // The ends have no hue, and pass where hardly anything does.
  const at = (lightness: number) =>
    lightness === 0 ? 0 : lightness === 1 ? 0xffffff : hue.inGamut(lightness, c);
  const found: { rgb: number; moved: number }[] = [];
  for (const end of [0, 1]) {
    if (!passes(at(end))) continue;
    // From the end towards the colour: the last that passes before the first that does not.
    let [good, bad] = [end, l];
    for (let i = 0; i < HALVINGS.lightness; i += 1) {
      const middle = (good + bad) / 2;
      if (passes(at(middle))) good = middle;
      else bad = middle;
    }
    found.push({ rgb: at(good), moved: Math.abs(good - l) });
  }
  const [nearest] = found.sort((a, b) => a.moved - b.moved);
  return nearest ? hexOf(nearest.rgb) : null;
}
