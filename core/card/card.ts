import { array, boolean, lazy, number, object, string, type Schema } from '../schema/schema.ts';
import type { Varying } from '../bands/varying.ts';

/** Proportions offered for a picture, width to height. */
export const RATIOS = ['1:1', '4:5', '3:4', '2:3', '5:4', '4:3', '3:2', '16:9'] as const;
export type Ratio = (typeof RATIOS)[number];

export const ratioValue = (ratio: SlideRatio): number => {
  const [width, height] = ratio.split(':').map(Number);
  return width! / height!;
};

/** Proportions offered for a large picture with words on it. */
export const SLIDE_RATIOS = [...RATIOS, '2:1', '5:2', '3:1'] as const;
export type SlideRatio = (typeof SLIDE_RATIOS)[number];

/** How one item is shown. Parts that are not shown keep their place and settings. */
export interface Card {
  /** Every part the item can have, in the order they stand. */
  order: string[];
  /** Whether each part is shown, by part. */
  shown: Record<string, Varying<boolean>>;
  picture: {
    /** Height by proportions, or in px; what is not in use is kept. */
    by: 'ratio' | 'height';
    ratio: Varying<Ratio>;
    /** px. */
    height: Varying<number>;
    fit: 'fill' | 'whole';
  };
  titleLines: number;
  align: 'start' | 'center' | 'end';
}

export const MOST_TITLE_LINES = 4;
export const LOWEST_PICTURE_PX = 40;
export const HIGHEST_PICTURE_PX = 1200;

/** A varying value whose values meet `inner`; keys are band ids. */
export function varyingSchema(inner: Schema): Schema {
  return lazy((value: unknown) => {
    const keys = typeof value === 'object' && value !== null ? Object.keys(value) : [];
    return object(Object.fromEntries(keys.map((key) => [key, inner])))
      .test('first', 'A value that varies by width needs at least one.', () => keys.length > 0)
      .required();
  }) as unknown as Schema;
}

export const cardSchema = object({
  order: array(string().max(40).required()).max(40).required(),
  shown: lazy((value: unknown) =>
    object(
      Object.fromEntries(
        Object.keys((value as object | undefined) ?? {}).map((key) => [
          key,
          varyingSchema(boolean().required()),
        ]),
      ),
    ).required(),
  ),
  picture: object({
    by: string().oneOf(['ratio', 'height']).required(),
    ratio: varyingSchema(string().oneOf(RATIOS).required()),
    height: varyingSchema(number().integer().min(LOWEST_PICTURE_PX).max(HIGHEST_PICTURE_PX).required()),
    fit: string().oneOf(['fill', 'whole']).required(),
  }).noUnknown(),
  titleLines: number().integer().min(1).max(MOST_TITLE_LINES).required(),
  align: string().oneOf(['start', 'center', 'end']).required(),
}).noUnknown();
