import { dayText, startOfStoreDay, storeDay } from '../../catalogue/storeTime.ts';
import { number, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import type { ClauseKind, World } from '../kinds.ts';

export interface NewClause {
  is: 'new';
  /** First on sale within this many days of the store, today among them; null for the house's own number. */
  days: number | null;
}

export const MOST_NEW_DAYS = 730;

/** First instant (UTC ms) from which on a product counts as new. */
export const newSince = (
  { days }: NewClause,
  world: Pick<World, 'today' | 'newForDays' | 'timeZone'>,
): number => startOfStoreDay(world.today - (days ?? world.newForDays) + 1, world.timeZone);

export const newClause: ClauseKind<NewClause> = {
  id: 'new',
  name: 'New',
  find: ['new', 'newest', 'arrivals', 'added', 'latest', 'days'],
  schema: object({
    is: string()
      .oneOf(['new'] as const)
      .required(),
    days: number().integer().min(1).max(MOST_NEW_DAYS).nullable().defined(),
  }).noUnknown(),
  atFirst: () => ({ is: 'new', days: null }),
  say: ({ days }) => [
    { text: days === null ? 'new' : `new within ${counted(days, 'day')}`, opens: 'clause' },
  ],
  looksAt: ['onSaleFrom'],
  gone: () => [],
  holds: (clause, product, world) =>
    product.onSaleFrom >= newSince(clause, world) && product.onSaleFrom <= world.now,
  against: (_, product, world) => {
    const on = dayText(storeDay(product.onSaleFrom, world.timeZone));
    if (product.onSaleFrom > world.now) return `it is on sale from ${on} only`;
    return `it has been on sale since ${on}`;
  },
  changing: 'daily',
};
