import { string, type Schema } from '../schema/schema.ts';
import type { ValueKind } from '../settings/valueKind.ts';

/** Proportions offered for a picture, width to height. */
export const RATIOS = ['1:1', '4:5', '3:4', '2:3', '5:4', '4:3', '3:2', '16:9'] as const;

/** Proportions offered for a large picture with text on it. */
export const SLIDE_RATIOS = [...RATIOS, '2:1', '5:2', '3:1'] as const;

/** A picture is at most so many times as wide as high, and as high as wide. */
const MOST = 5;

const NUMBER = String.raw`(\d{1,4}(?:\.\d{1,2})?)`;
const WRITTEN = new RegExp(`^${NUMBER}:${NUMBER}$`);
/** As somebody may type it; a number alone is to 1. */
const TYPED = new RegExp(String.raw`^${NUMBER}(?:\s*(?::|/|x|×|to|by)\s*${NUMBER})?$`, 'i');

/** Width by height of a ratio that is written "4:5". */
export const ratioValue = (ratio: string): number => {
  const [width, height] = ratio.split(':').map(Number);
  return width! / height!;
};

const isDrawn = (value: number): boolean => value >= 1 / MOST && value <= MOST;

/** A typed ratio as it is stored, "16:9" for "16 / 9" and "1.5:1" for "1,5"; null for what is none. */
export function readRatio(typed: string): string | null {
  const [whole, width, height = '1'] = TYPED.exec(typed.trim().replaceAll(',', '.')) ?? [];
  if (whole === undefined) return null;
  const ratio = `${Number(width)}:${Number(height)}`;
  return isDrawn(ratioValue(ratio)) ? ratio : null;
}

/** Said of what is typed and is none. */
export const NO_RATIO = `A ratio is width to height, such as 4:5 or 1.5, from 1:${MOST} to ${MOST}:1.`;

/** The ratio nearest to a value: of those that are usual or, exactly, in hundredths to 1. */
export function nearestRatio(value: number, exact: boolean): string {
  const within = Math.min(MOST, Math.max(1 / MOST, value));
  if (exact) return `${Math.round(within * 100) / 100}:1`;
  const away = (ratio: string) => Math.abs(Math.log(ratioValue(ratio) / within));
  return SLIDE_RATIOS.reduce((best, one) => (away(one) < away(best) ? one : best));
}

/** Proportions of a picture, written "4:5": of those that are offered, or any other. */
export const ratio = (offered: readonly string[]): ValueKind<string> => ({
  schema: string()
    .matches(WRITTEN, 'A ratio is written width:height, such as 4:5.')
    .test(
      'drawn',
      `A ratio is from 1:${MOST} to ${MOST}:1.`,
      (value) => typeof value !== 'string' || isDrawn(ratioValue(value)),
    )
    .required() as Schema<string>,
  say: (value) => value,
  control: { is: 'ratio', offered },
});
