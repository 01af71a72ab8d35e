import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const spaceAfter = propertyOf({
  id: 'spaceAfter',
  name: 'Space below',
  find: ['space', 'margin', 'below'],
  kind: integer(0, 120, 'px'),
  begins: 20,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${px} px below it`,
  css: (px) => `margin-block-end:${px}px`,
});
