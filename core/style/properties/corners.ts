import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const corners = propertyOf({
  id: 'corners',
  name: 'Corners',
  find: ['corners', 'round', 'radius'],
  kind: integer(0, 60, 'px'),
  begins: 6,
  varies: true,
  say: (px) => (px ? `corners ${px} px` : 'square corners'),
  css: (px) => `border-radius:${px}px`,
});
