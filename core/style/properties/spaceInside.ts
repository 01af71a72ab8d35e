import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** A card's own rules have it, since what a layout draws over its picture has no frame. */
export const spaceInside = propertyOf({
  id: 'spaceInside',
  name: 'Space inside',
  find: ['space', 'padding', 'inner'],
  kind: integer(0, 60, 'px'),
  begins: 12,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${px} px inside`,
  css: () => '',
});
