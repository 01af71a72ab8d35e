import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const letterSpacing = propertyOf({
  id: 'letterSpacing',
  name: 'Letter spacing',
  find: ['letter', 'spacing', 'tracking', 'type'],
  kind: integer(-8, 40, '% of the size'),
  begins: 0,
  varies: false,
  onlyAtRest: true,
  say: (percent) => `letters ${percent}% apart`,
  css: (percent) => `letter-spacing:${percent / 100}em`,
});
