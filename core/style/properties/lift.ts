import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const lift = propertyOf({
  id: 'lift',
  name: 'Lift',
  find: ['lift', 'raise', 'hover', 'move'],
  kind: integer(0, 20, 'px'),
  begins: 2,
  varies: false,
  moves: true,
  say: (px) => (px ? `lifted by ${px} px` : 'not lifted'),
  css: (px) => `translate:0 ${-px}px`,
});
