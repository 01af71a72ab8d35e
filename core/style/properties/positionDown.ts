import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';
import { POSITION_CSS } from './positionAcross.ts';

export const positionDown = propertyOf({
  id: 'positionDown',
  name: 'Picture position down',
  find: ['position', 'picture', 'focal', 'top', 'bottom', 'background'],
  kind: integer(0, 100, '%', { step: 5 }),
  begins: 50,
  varies: true,
  onlyAtRest: true,
  say: (percent) => `at ${percent}% down`,
  css: (percent) => `--at-down:${percent}%;${POSITION_CSS}`,
});
