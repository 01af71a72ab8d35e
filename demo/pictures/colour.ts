type Rgb = [number, number, number];

const parse = (hex: string): Rgb => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as Rgb;
const write = (rgb: Rgb): string =>
  `#${rgb
    .map((part) =>
      Math.max(0, Math.min(255, Math.round(part)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** A colour between two, `share` of the way to the second. */
export function mix(from: string, to: string, share: number): string {
  const [a, b] = [parse(from), parse(to)];
  return write(a.map((part, i) => part + (b[i]! - part) * share) as Rgb);
}

export const darker = (colour: string, share: number): string => mix(colour, '#0d0a08', share);
export const lighter = (colour: string, share: number): string => mix(colour, '#ffffff', share);
