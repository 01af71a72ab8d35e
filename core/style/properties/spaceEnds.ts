import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

export const spaceEnds = propertyOf({
  id: 'spaceEnds',
  name: 'Space beside text',
  find: ['space', 'padding', 'inner', 'width'],
  kind: pxOrStep(0, 60, 'spaces'),
  begins: 14,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} beside its text`,
  css: (px) => `padding-inline:${px}px`,
});
