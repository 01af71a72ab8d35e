import { number, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';

export interface SoldClause {
  is: 'sold';
  least: number;
  /** Store days, today among them. */
  days: number;
}

export const MOST_DAYS = 365;

/** Sum over the last `days` store days, today among them. */
export function sumOf(byDay: ReadonlyMap<number, number>, days: number, today: number): number {
  let sum = 0;
  for (const [day, count] of byDay) if (day > today - days && day <= today) sum += count;
  return sum;
}

export const soldClause: ClauseKind<SoldClause> = {
  id: 'sold',
  name: 'Sold at least',
  find: ['sold', 'popular', 'best sold', 'sales'],
  schema: object({
    is: string()
      .oneOf(['sold'] as const)
      .required(),
    least: number().integer().min(1).max(1_000_000).required(),
    days: number().integer().min(1).max(MOST_DAYS).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'sold', least: 5, days: 30 }),
  say: ({ least, days }) => [
    'sold at least ',
    { text: String(least), opens: 'clause' },
    ' in ',
    { text: counted(days, 'day'), opens: 'clause' },
  ],
  looksAt: ['soldByDay'],
  gone: () => [],
  holds: ({ least, days }, product, { today }) => sumOf(product.soldByDay, days, today) >= least,
  against: ({ days }, product, { today }) =>
    `${sumOf(product.soldByDay, days, today)} were sold in ${counted(days, 'day')}`,
  changing: 'daily',
};
