import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const borderWidth = propertyOf({
  id: 'borderWidth',
  name: 'Border width',
  find: ['border', 'edge', 'frame', 'line'],
  kind: integer(0, 12, 'px'),
  begins: 1,
  varies: false,
  onlyAtRest: true,
  say: (px) => (px ? `border of ${px} px` : 'without border'),
  // The base sheet has all that can have a border as solid.
  css: (px) => `border-width:${px}px`,
});
