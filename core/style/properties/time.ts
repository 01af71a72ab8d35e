import { integer } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const CHANGES = 'color,background-color,border-color,box-shadow,border-radius,translate,opacity,filter';

export const time = propertyOf({
  id: 'time',
  name: 'Time of change',
  find: ['time', 'animation', 'transition', 'speed'],
  kind: integer(0, 1_000, 'ms', { step: 20 }),
  begins: 160,
  varies: false,
  onlyAtRest: true,
  moves: true,
  say: (ms) => `changes over ${ms} ms`,
  css: (ms) => `transition:${ms}ms;transition-property:${CHANGES}`,
});
