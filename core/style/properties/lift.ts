import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** All that is set of where an element is moved to, whichever of it is; the parts are named in the base sheet. */
export const TRANSLATE = 'translate:var(--across,0px) calc(var(--down,0px) - var(--lift,0px))';

export const lift = propertyOf({
  id: 'lift',
  name: 'Lift',
  find: ['lift', 'raise', 'hover', 'move'],
  kind: integer(0, 20, 'px'),
  begins: 2,
  varies: false,
  moves: true,
  say: (px) => (px ? `lifted by ${px} px` : 'not lifted'),
  css: (px) => `--lift:${px}px;${TRANSLATE}`,
});
