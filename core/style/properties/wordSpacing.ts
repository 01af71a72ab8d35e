import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

export const wordSpacing = propertyOf({
  id: 'wordSpacing',
  name: 'Word spacing',
  find: ['word', 'spacing', 'space', 'type'],
  kind: integer(-15, 100, '% of the size'),
  begins: 10,
  varies: false,
  onlyAtRest: true,
  say: (percent) => `words ${percent}% further apart`,
  css: (percent) => `word-spacing:${percent / 100}em`,
});
