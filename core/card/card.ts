import { array, boolean, lazy, number, object, string, type Schema } from '../schema/schema.ts';
import type { Varying } from '../bands/varying.ts';
import { COMINGS, GROUNDS, SIDES, WHENS, type Coming, type Side } from './placing.ts';

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
    /** Height by proportions, in px, or by the height of the screen; what is not in use is kept. */
    by: (typeof PICTURE_BYS)[number];
    ratio: Varying<Ratio>;
    /** px. */
    height: Varying<number>;
    /** Percent of the screen's height. */
    screen: Varying<number>;
    fit: 'fill' | 'whole';
  };
  titleLines: number;
  align: 'start' | 'center' | 'end';
  text: {
    side: Varying<Side>;
    /** Width of texts at a side, percent of the card's. */
    share: Varying<number>;
    /** How far they reach over the picture, percent. */
    reach: Varying<number>;
    /** What lies under texts that stand over the picture. */
    ground: (typeof GROUNDS)[number];
    /** Texts over the picture are there always, or when pointed at. */
    when: (typeof WHENS)[number];
    /** How they come in then, and with each slide. */
    comes: Coming;
  };
  /** Wrapped, or left plain. */
  frame: (typeof FRAMES)[number];
  /** Space within the frame, px. */
  inside: Varying<number>;
}

export const PICTURE_BYS = ['ratio', 'height', 'screen'] as const;
export const FRAMES = ['plain', 'framed', 'shadowed'] as const;
export const MOST_INSIDE_PX = 40;
export const LEAST_SHARE = 20;
export const MOST_SHARE = 80;
export const LEAST_SCREEN = 10;
export const MOST_SCREEN = 100;

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

/** A height as a share of the screen's, percent. */
export const screenSchema = varyingSchema(number().integer().min(LEAST_SCREEN).max(MOST_SCREEN).required());

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
    by: string().oneOf(PICTURE_BYS).required(),
    ratio: varyingSchema(string().oneOf(RATIOS).required()),
    height: varyingSchema(number().integer().min(LOWEST_PICTURE_PX).max(HIGHEST_PICTURE_PX).required()),
    screen: screenSchema,
    fit: string().oneOf(['fill', 'whole']).required(),
  }).noUnknown(),
  titleLines: number().integer().min(1).max(MOST_TITLE_LINES).required(),
  align: string().oneOf(['start', 'center', 'end']).required(),
  text: object({
    side: varyingSchema(string().oneOf(SIDES).required()),
    share: varyingSchema(number().integer().min(LEAST_SHARE).max(MOST_SHARE).required()),
    reach: varyingSchema(number().integer().min(0).max(100).required()),
    ground: string().oneOf(GROUNDS).required(),
    when: string().oneOf(WHENS).required(),
    comes: string().oneOf(COMINGS).required(),
  }).noUnknown(),
  frame: string().oneOf(FRAMES).required(),
  inside: varyingSchema(number().integer().min(0).max(MOST_INSIDE_PX).required()),
}).noUnknown();
