import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const slope = propertyOf({
  id: 'slope',
  name: 'Italics',
  find: ['italic', 'italics', 'slant', 'font', 'type'],
  kind: choice({ upright: 'Upright', italic: 'Italic' }),
  begins: 'upright',
  varies: false,
  onlyAtRest: true,
  say: (value) => (value === 'italic' ? 'in italics' : 'upright'),
  css: (value) => `font-style:${value === 'italic' ? 'italic' : 'normal'}`,
});
