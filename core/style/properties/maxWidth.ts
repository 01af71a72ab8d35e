import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const maxWidth = propertyOf({
  id: 'maxWidth',
  name: 'Greatest width',
  find: ['width', 'greatest', 'maximum', 'narrow', 'line length'],
  kind: integer(120, 1_600, 'px', { step: 20 }),
  begins: 640,
  varies: true,
  onlyAtRest: true,
  say: (px) => `at most ${px} px wide`,
  css: (px) => `max-width:${px}px`,
});
