import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const weight = propertyOf({
  id: 'weight',
  name: 'Weight',
  find: ['weight', 'bold', 'light', 'font', 'type'],
  kind: integer(200, 900, '', { step: 50 }),
  begins: 500,
  varies: false,
  onlyAtRest: true,
  token: 'fontWeight',
  say: (value) => `weight ${value}`,
  css: (value) => `font-weight:${value}`,
});
