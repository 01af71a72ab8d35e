import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';
import { TRANSLATE } from './lift.ts';

/** Nothing around it moves with it. */
export const offsetDown = propertyOf({
  id: 'offsetDown',
  name: 'Moved down',
  find: ['offset', 'move', 'shift', 'position', 'down', 'up'],
  kind: integer(-200, 200, 'px'),
  begins: 0,
  varies: true,
  onlyAtRest: true,
  say: (px) => (px === 0 ? 'not moved down' : `moved ${Math.abs(px)} px ${px > 0 ? 'down' : 'up'}`),
  css: (px) => `--down:${px}px;${TRANSLATE}`,
});
