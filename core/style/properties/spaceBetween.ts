import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

/** The rules of cards have it, which are written from the same figures as cards are measured by. */
export const spaceBetween = propertyOf({
  id: 'spaceBetween',
  name: 'Space between parts',
  find: ['space', 'gap', 'between', 'parts', 'lines'],
  kind: pxOrStep(0, 60, 'spaces'),
  begins: 5,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} between its parts`,
  css: () => '',
});
