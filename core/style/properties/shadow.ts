import { choice } from '../../settings/values.ts';
import { propertyOf } from '../property.ts';

const SHADOWS = {
  none: 'None',
  close: 'Close',
  soft: 'Soft',
  deep: 'Deep',
} as const;

/** Each of two layers, so that the edge is seen on light and on dark. */
const css: Record<keyof typeof SHADOWS, string> = {
  none: 'none',
  close: '0 1px 2px rgb(0 0 0/.24)',
  soft: '0 1px 3px rgb(0 0 0/.14),0 4px 14px rgb(0 0 0/.09)',
  deep: '0 2px 6px rgb(0 0 0/.16),0 14px 34px rgb(0 0 0/.18)',
};

export const shadow = propertyOf({
  id: 'shadow',
  name: 'Shadow',
  find: ['shadow', 'depth', 'raised'],
  kind: choice(SHADOWS),
  begins: 'soft',
  varies: false,
  say: (value) => (value === 'none' ? 'without shadow' : `${SHADOWS[value].toLowerCase()} shadow`),
  css: (value) => `box-shadow:${css[value]}`,
});
