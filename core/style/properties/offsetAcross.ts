import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';
import { TRANSLATE } from './lift.ts';

/** Nothing around it moves with it. */
export const offsetAcross = propertyOf({
  id: 'offsetAcross',
  name: 'Moved to the right',
  find: ['offset', 'move', 'shift', 'position', 'across'],
  kind: integer(-200, 200, 'px'),
  begins: 0,
  varies: true,
  onlyAtRest: true,
  say: (px) =>
    px === 0 ? 'not moved across' : `moved ${Math.abs(px)} px to the ${px > 0 ? 'right' : 'left'}`,
  css: (px) => `--across:${px}px;${TRANSLATE}`,
});
