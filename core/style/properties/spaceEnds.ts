import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const spaceEnds = propertyOf({
  id: 'spaceEnds',
  name: 'Space beside text',
  find: ['space', 'padding', 'inner', 'width'],
  kind: integer(0, 60, 'px'),
  begins: 14,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${px} px beside its text`,
  css: (px) => `padding-inline:${px}px`,
});
