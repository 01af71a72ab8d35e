import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

/** The rules of cards have it, which are written from the same figures as cards are measured by. */
export const spaceToPicture = propertyOf({
  id: 'spaceToPicture',
  name: 'Space to the picture',
  find: ['space', 'gap', 'picture', 'between'],
  kind: pxOrStep(0, 80, 'spaces'),
  begins: 10,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} from the picture`,
  css: () => '',
});
