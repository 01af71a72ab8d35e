import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

export const spaceAcross = propertyOf({
  id: 'spaceAcross',
  name: 'Space above and below text',
  find: ['space', 'padding', 'inner', 'height'],
  kind: pxOrStep(0, 40, 'spaces'),
  begins: 9,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} above and below its text`,
  css: (px) => `padding-block:${px}px`,
});
