/** Proportions offered for a picture, width to height. */
export const RATIOS = ['1:1', '4:5', '3:4', '2:3', '5:4', '4:3', '3:2', '16:9'] as const;

/** Proportions offered for a large picture with text on it. */
export const SLIDE_RATIOS = [...RATIOS, '2:1', '5:2', '3:1'] as const;
export type SlideRatio = (typeof SLIDE_RATIOS)[number];

export const ratioValue = (ratio: SlideRatio): number => {
  const [width, height] = ratio.split(':').map(Number);
  return width! / height!;
};
