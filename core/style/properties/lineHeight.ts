import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** Height of a line in whole px at any size, as a style sheet has it; the geometry rounds likewise. */
export const lineHeightCss = (share: number): string =>
  `line-height:round(${Number(share.toFixed(4))}em,1px)`;

export const lineHeight = propertyOf({
  id: 'lineHeight',
  name: 'Line height',
  find: ['line', 'height', 'leading', 'type'],
  kind: integer(90, 220, '%', { step: 5 }),
  begins: 130,
  varies: false,
  onlyAtRest: true,
  say: (percent) => `line height ${percent}%`,
  css: (percent) => lineHeightCss(percent / 100),
});
