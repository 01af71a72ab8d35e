import { weightPlace, widthAt, type Face } from './face.ts';

/** How often letters stand in an English text, a to z, percent. */
const OFTEN = [
  8.2, 1.5, 2.8, 4.3, 12.7, 2.2, 2, 6.1, 7, 0.15, 0.77, 4, 2.4, 6.7, 7.5, 1.9, 0.1, 6, 6.3, 9.1, 2.8, 1, 2.4,
  0.15, 2, 0.07,
];

/** A letter of a face that has none of them, em. */
const UNKNOWN_EM = 0.5;

/** The width of a letter in a text of regular weight, of those that a face has, em. */
export function letterOf(face: Face): number {
  const regular = weightPlace(face, 400);
  let [sum, shares] = [0, 0];
  OFTEN.forEach((share, i) => {
    const widths = face.advances[String.fromCharCode(97 + i)];
    if (!widths) return;
    sum += share * widthAt(widths, regular);
    shares += share;
  });
  return shares === 0 ? UNKNOWN_EM : sum / shares / face.upem;
}
