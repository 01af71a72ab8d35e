import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const spaceAcross = propertyOf({
  id: 'spaceAcross',
  name: 'Space above and below text',
  find: ['space', 'padding', 'inner', 'height'],
  kind: integer(0, 40, 'px'),
  begins: 9,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${px} px above and below its text`,
  css: (px) => `padding-block:${px}px`,
});
