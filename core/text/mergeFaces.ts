import { weightPlace, widthAt, type Face } from './face.ts';

/**
 * Weights that faces are read at: the ends of what can be set, and what texts are mostly set in. Between them widths are
 * within 1 % of what a face has, but for the lightest of a single one.
 */
export const READ_WEIGHTS: readonly number[] = [200, 400, 500, 700, 900];

interface Part {
  weights: readonly [least: number, most: number];
  face: Face;
}

/**
 * The file that a browser takes for a weight, of those that there are.
 * Source: CSS Fonts Module Level 4, §5.2 (Matching font styles, font-weight).
 */
export function fileFor<P extends Pick<Part, 'weights'>>(parts: readonly P[], weight: number): P {
  const within = parts.find(({ weights: [least, most] }) => least <= weight && weight <= most);
  if (within) return within;
  const lighter = parts
    .filter(({ weights: [, most] }) => most < weight)
    .sort((a, b) => b.weights[1] - a.weights[1]);
  const bolder = parts
    .filter(({ weights: [least] }) => least > weight)
    .sort((a, b) => a.weights[0] - b.weights[0]);
  if (weight >= 400 && weight <= 500) {
    const near = bolder.find(({ weights: [least] }) => least <= 500);
    return (near ?? lighter[0] ?? bolder[0])!;
  }
  return (weight < 400 ? (lighter[0] ?? bolder[0]) : (bolder[0] ?? lighter[0]))!;
}

/** One face out of several files of the same letters at other weights. @param parts one at least */
export function mergeFaces(parts: readonly Part[]): Face {
  const [first] = parts;
  if (parts.length === 1 && first) return first.face;
  const { ascent, descent, upem } = fileFor(parts, 400).face;
  const files = READ_WEIGHTS.map((weight) => fileFor(parts, weight));
  const together = (kind: 'advances' | 'pairs' | 'joined', absent: number | null) => {
    const keys = new Set(parts.flatMap(({ face }) => Object.keys(face[kind] ?? {})));
    return Object.fromEntries(
      [...keys].sort().map((key) => [
        key,
        READ_WEIGHTS.map((weight, i) => {
          const own = files[i]!.face;
          // A character that this file lacks is taken from one that has it.
          const face =
            own[kind]?.[key] || absent !== null ? own : parts.find((part) => part.face[kind]?.[key])!.face;
          const widths = face[kind]?.[key] ?? (absent === null ? undefined : face.pairs[key]);
          return widths ? (widthAt(widths, weightPlace(face, weight)) * upem) / face.upem : absent!;
        }),
      ]),
    );
  };
  return {
    upem,
    ascent,
    descent,
    weights: READ_WEIGHTS,
    advances: together('advances', null),
    pairs: together('pairs', 0),
    ...(parts.some(({ face }) => face.joined) && { joined: together('joined', 0) }),
  };
}
