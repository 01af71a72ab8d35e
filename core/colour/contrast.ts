/** Least contrast of text that is not large (WCAG 2.2, 1.4.3). */
export const LEAST_CONTRAST = 4.5;

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

/** Lightness, chroma and hue (radians) in OKLCH (CSS Color 4, 10.2) of three channels as one number: 0xrrggbb. */
function oklchOf(rgb: number): { lightness: number; chroma: number; hue: number } {
  const [red, green, blue] = [LIGHT[(rgb >> 16) & 255]!, LIGHT[(rgb >> 8) & 255]!, LIGHT[rgb & 255]!];
  const long = Math.cbrt(0.412221469470763 * red + 0.536332537261734 * green + 0.0514459932675022 * blue);
  const middle = Math.cbrt(0.2119034958178251 * red + 0.6806995506452344 * green + 0.1073969535369405 * blue);
  const short = Math.cbrt(0.0883024591900564 * red + 0.2817188391361215 * green + 0.6299787016738222 * blue);
  const a = 1.9779985324311684 * long - 2.4285922420485799 * middle + 0.450593709617411 * short;
  const b = 0.0259040424655478 * long + 0.7827717124575296 * middle - 0.8086757549230774 * short;
  return {
    lightness: 0.210454268309314 * long + 0.7936177747023054 * middle - 0.0040720430116193 * short,
    chroma: Math.hypot(a, b),
    hue: Math.atan2(b, a),
  };
}

/** How far a channel may be beyond the ends, and how near to them is near enough, as amounts of light. */
const BEYOND = 1e-4;
const NEAR = 4e-4;

/** Halvings of lightness: finer than one step of 8 bits. Tries for the most chroma, of which few are needed. */
const HALVINGS = 10;
const TRIES = 12;

/** Colours of OKLab of one hue and their light: red, green and blue, below 0 or over 1 where sRGB has none such. */
class Hue {
  red = 0;
  green = 0;
  blue = 0;
  readonly #cos: number;
  readonly #sin: number;

  /** @param angle radians */
  constructor(angle: number) {
    this.#cos = Math.cos(angle);
    this.#sin = Math.sin(angle);
  }

  /** CSS Color 4, 10.2; by how much sRGB does not have the colour, as an amount of light, and below 0 if it has. */
  at(lightness: number, chroma: number): number {
    const [a, b] = [chroma * this.#cos, chroma * this.#sin];
    const long = cube(lightness + 0.3963377773761749 * a + 0.2158037573099136 * b);
    const middle = cube(lightness - 0.1055613458156586 * a - 0.0638541728258133 * b);
    const short = cube(lightness - 0.0894841775298119 * a - 1.2914855480194092 * b);
    this.red = 4.0767416360759574 * long - 3.3077115392580616 * middle + 0.2309699031821043 * short;
    this.green = -1.2684379732850317 * long + 2.6097573492876887 * middle - 0.3413193760026573 * short;
    this.blue = -0.0041960761386756 * long - 0.7034186179359362 * middle + 1.7076146940746117 * short;
    const most = Math.max(this.red, this.green, this.blue);
    return Math.max(most - 1, -Math.min(this.red, this.green, this.blue));
  }

  /**
   * The colour of a lightness with as much of the chroma as sRGB has: its luminance. The most chroma is found by
   * false position, of which the end that stays counts half (the Illinois rule).
   */
  inGamut(lightness: number, chroma: number): number {
    let over = this.at(lightness, chroma);
    if (over > BEYOND) {
      let [low, high] = [0, chroma];
      let under = this.at(lightness, 0);
      for (let i = 0; i < TRIES; i += 1) {
        const between = low + ((high - low) * under) / (under - over);
        const found = this.at(lightness, between);
        if (found <= BEYOND) {
          low = between;
          if (found > -NEAR) break;
          under = found;
          over /= 2;
        } else {
          high = between;
          over = found;
          under /= 2;
        }
      }
      this.at(lightness, low);
    }
    return 0.2126 * this.red + 0.7152 * this.green + 0.0722 * this.blue;
  }

  /** The colour that was looked at last, 0xrrggbb. */
  get rgb(): number {
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
  const passes = (luminance: number): boolean =>
    luminances.every((ground) => ratioOf(luminance, ground) >= need);
  const given = rgbOf(colour);
  if (passes(luminanceOf(given))) return colour;
  const { lightness: from, chroma, hue: angle } = oklchOf(given);
  const hue = new Hue(angle);
  let nearest: { rgb: number; moved: number } | null = null;
  for (const end of [0, 1]) {
    // The ends have no hue, and pass where hardly anything does.
    if (!passes(end)) continue;
    // From the end towards the colour: the last that passes before the first that does not.
    let [good, bad] = [end, from];
    for (let i = 0; i < HALVINGS; i += 1) {
      const middle = (good + bad) / 2;
      if (passes(hue.inGamut(middle, chroma))) good = middle;
      else bad = middle;
    }
    // Steps of 8 bits may fall short of it by one or two.
    let rgb = end * 0xffffff;
    for (let step = Math.abs(good - bad) || 1; good !== end; step *= 2) {
      hue.inGamut(good, chroma);
      if (passes(luminanceOf(hue.rgb))) {
        rgb = hue.rgb;
        break;
      }
      good = end === 0 ? Math.max(0, good - step) : Math.min(1, good + step);
    }
    const moved = Math.abs(good - from);
    if (!nearest || moved < nearest.moved) nearest = { rgb, moved };
  }
  return nearest && hexOf(nearest.rgb);
}
