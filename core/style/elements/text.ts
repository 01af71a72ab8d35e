import type { PropertyId } from '../properties/index.ts';

/** What every text takes. */
export const TEXT_TAKES: readonly PropertyId[] = [
  'textColour',
  'family',
  'size',
  'weight',
  'slope',
  'lineHeight',
  'letterSpacing',
  'wordSpacing',
  'letterCase',
  'lineOfText',
  'outlineWidth',
  'outlineColour',
  'offsetAcross',
  'offsetDown',
  'opacity',
  'time',
];
