import { percentOff } from '../../label/percentOff.ts';
import { number, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

export interface ReducedClause {
  is: 'reduced';
  /** By at least this many percent; 0 for at all. */
  percent: number;
}

export const reducedClause: ClauseKind<ReducedClause> = {
  id: 'reduced',
  name: 'Reduced in price',
  find: ['reduced', 'sale', 'offer', 'price', 'cheaper', 'percent', 'off', '%', 'deal'],
  schema: object({
    is: string()
      .oneOf(['reduced'] as const)
      .required(),
    percent: number().integer().min(0).max(99).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'reduced', percent: 0 }),
  typed: (words) => {
    const percent = Number(/\d+/.exec(words)?.[0]);
    return /\b(?:reduced|sale|off|percent)\b|%/.test(words) && percent >= 1 && percent <= 99
      ? [{ is: 'reduced', percent }]
      : [];
  },
  say: ({ percent }) => [{ text: percent ? `reduced by at least ${percent}%` : 'reduced', opens: 'clause' }],
  looksAt: ['price', 'reduced'],
  gone: () => [],
  holds: ({ percent }, { price, reduced }) => reduced !== null && (price - reduced) * 100 >= percent * price,
  against: (_, { price, reduced }) =>
    reduced === null
      ? 'its price is not reduced'
      : `it is reduced by ${percentOff(price, reduced) ?? 'under 1'}%`,
};
