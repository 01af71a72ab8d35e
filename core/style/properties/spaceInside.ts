import { spaceProperty } from '../spaceProperty.ts';

/** A card's own rules have it, since what a layout draws over its picture has no frame. */
export const spaceInside = spaceProperty({
  id: 'spaceInside',
  name: 'Space inside',
  find: ['space', 'padding', 'inner'],
  most: 60,
  begins: 12,
  said: 'inside',
});
