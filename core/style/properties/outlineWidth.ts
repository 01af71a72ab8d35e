import { tenths } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const outlineWidth = propertyOf({
  id: 'outlineWidth',
  name: 'Outline of letters',
  find: ['outline', 'stroke', 'letters'],
  kind: tenths(0, 6, 'px'),
  begins: 1,
  varies: false,
  say: (px) => (px ? `letters outlined by ${px} px` : 'without outline'),
  css: (px) => `-webkit-text-stroke-width:${px}px;paint-order:stroke fill`,
});
