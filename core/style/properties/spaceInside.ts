import { propertyOf } from '../property.ts';
import { pxOrStep, sayLength } from '../pxOrStep.ts';

/** A card's own rules have it, since what a layout draws over its picture has no frame. */
export const spaceInside = propertyOf({
  id: 'spaceInside',
  name: 'Space inside',
  find: ['space', 'padding', 'inner'],
  kind: pxOrStep(0, 60, 'spaces'),
  begins: 12,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${sayLength(px)} inside`,
  css: () => '',
});
