import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const size = propertyOf({
  id: 'size',
  name: 'Text size',
  find: ['size', 'text', 'font', 'type', 'large', 'small'],
  kind: integer(10, 96, 'px'),
  begins: 24,
  varies: true,
  onlyAtRest: true,
  say: (px) => `${px} px`,
  css: (px) => `font-size:${px}px`,
});
