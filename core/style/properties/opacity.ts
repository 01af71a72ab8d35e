import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** As a filter, so that it goes together with what hides a part until its card is pointed at. */
export const opacity = propertyOf({
  id: 'opacity',
  name: 'Opacity',
  find: ['opacity', 'transparent', 'faded'],
  kind: integer(10, 100, '%', { step: 5 }),
  begins: 100,
  varies: false,
  say: (percent) => `${percent}% opaque`,
  css: (percent) => `filter:opacity(${percent}%)`,
});
