import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

/** Where what is cut off of a picture is; what nobody sets is in the middle. */
export const POSITION_CSS = 'object-position:var(--at-across,50%) var(--at-down,50%)';

export const positionAcross = propertyOf({
  id: 'positionAcross',
  name: 'Picture position across',
  find: ['position', 'picture', 'focal', 'left', 'right', 'background'],
  kind: integer(0, 100, '%', { step: 5 }),
  begins: 50,
  varies: true,
  onlyAtRest: true,
  say: (percent) => `at ${percent}% across`,
  css: (percent) => `--at-across:${percent}%;${POSITION_CSS}`,
});
