/** Widths of a typeface, read out of its file once, so that text is measured without a browser (calculations §8). */
export interface Face {
  /** Units to the em. */
  upem: number;
  /** How far a line reaches over and under its baseline, units. */
  ascent: number;
  descent: number;
  /** Weights that widths were read at, rising; between them they are in proportion. */
  weights: readonly number[];
  /** Advance of each character at each weight, units. */
  advances: Readonly<Record<string, readonly number[]>>;
  /**
   * By how much two characters are closer together than each alone, at each weight, units: kerning, and what is
   * drawn as one. Pairs that differ by nothing are absent.
   */
  pairs: Readonly<Record<string, readonly number[]>>;
  /**
   * The same of pairs that are drawn as one, where they are drawn apart: letters with space between them never are one
   * (CSS Text Level 3, 8.2). Absent where the face has none.
   */
  joined?: Readonly<Record<string, readonly number[]>>;
}

const apart = new WeakMap<Face, Face>();

/** A face as it is where letters have space between them. */
export function spacedFace(face: Face): Face {
  if (!face.joined) return face;
  let found = apart.get(face);
  if (!found) apart.set(face, (found = { ...face, pairs: { ...face.pairs, ...face.joined } }));
  return found;
}

/** Between which of the weights one is, and how far along, 0..1. */
export interface WeightPlace {
  at: number;
  share: number;
}

/** Where a weight is among those of a face; one outside of them counts as the nearest. */
export function weightPlace({ weights }: Face, weight: number): WeightPlace {
  const next = weights.findIndex((one) => one >= weight);
  if (next === -1) return { at: weights.length - 1, share: 0 };
  if (next === 0) return { at: 0, share: 0 };
  const [from, to] = [weights[next - 1]!, weights[next]!];
  return { at: next - 1, share: (weight - from) / (to - from) };
}

/** A width at a weight, units. */
export const widthAt = (widths: readonly number[], { at, share }: WeightPlace): number =>
  share === 0 ? widths[at]! : widths[at]! * (1 - share) + widths[at + 1]! * share;
