import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

export const spaceAfter = propertyOf({
  id: 'spaceAfter',
  name: 'Space below',
  find: ['space', 'margin', 'below'],
  kind: pxOrStep(0, 120, 'spaces'),
  begins: 20,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} below it`,
  css: (px) => `margin-block-end:${px}px`,
});
