import { mixed, type Schema } from '../schema/schema.ts';
import type { Face } from './face.ts';

const MOST_UNITS = 100_000;
const MOST_WIDTHS = 200_000;

const isWidth = (value: unknown): boolean =>
  Number.isFinite(value) && Math.abs(value as number) <= MOST_UNITS;

/** Whether something is a width for each of so many weights, by what it is the width of. */
function areWidths(value: unknown, weights: number): boolean {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return false;
  const all = Object.values(value);
  return (
    all.length <= MOST_WIDTHS &&
    all.every((one) => Array.isArray(one) && one.length === weights && one.every(isWidth))
  );
}

function isFace(value: unknown): value is Face {
  if (typeof value !== 'object' || value === null) return false;
  const { upem, ascent, descent, weights, advances, pairs, joined } = value as Partial<Face>;
  return (
    [upem, ascent, descent].every(isWidth) &&
    upem! > 0 &&
    Array.isArray(weights) &&
    weights.length > 0 &&
    weights.every((one, at) => isWidth(one) && (at === 0 || one >= weights[at - 1]!)) &&
    [advances, pairs, joined ?? {}].every((one) => areWidths(one, weights.length))
  );
}

/** Widths of a typeface that somebody sent. */
export const faceSchema = mixed()
  .required()
  .test('face', 'These are no widths of a typeface.', isFace) as unknown as Schema<Face>;
