import { newSince } from '../assortment/clauses/new.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import { currencyOf } from '../catalogue/currencyOf.ts';
import { storeDay } from '../catalogue/storeTime.ts';
import type { House } from '../plan/house.ts';

/**
 * @param now UTC ms
 * @param keeping what can be kept for later, and what this shopper keeps
 */
export const cardStoreOf = (
  house: House,
  now: number,
  keeping: Pick<CardStore, 'saved' | 'saves'> = { saved: [], saves: false },
): CardStore => ({
  ...keeping,
  currency: currencyOf(house),
  selling: house.selling,
  timeZone: house.timeZone,
  labels: house.labels,
  swatches: house.swatches,
  newSince: newSince(
    { is: 'new', days: null },
    {
      today: storeDay(now, house.timeZone),
      newForDays: house.newForDays,
      timeZone: house.timeZone,
    },
  ),
});
