import { newSince } from '../assortment/clauses/new.ts';
import type { StoreLabels } from '../label/labelsOf.ts';
import type { House } from '../plan/house.ts';
import { currencyOf } from './currencyOf.ts';
import type { Currency } from './money.ts';
import type { Selling } from './selling.ts';
import { storeDay } from './storeTime.ts';

/** What of the whole store reaches what its cards say. */
export interface CardStore {
  currency: Currency;
  selling: Selling;
  /** IANA. */
  timeZone: string;
  labels: StoreLabels;
  /** UTC ms from which on a product counts as new. */
  newSince: number;
}

/** @param now UTC ms */
export const cardStoreOf = (house: House, now: number): CardStore => ({
  currency: currencyOf(house),
  selling: house.selling,
  timeZone: house.timeZone,
  labels: house.labels,
  newSince: newSince(
    { is: 'new', days: null },
    {
      today: storeDay(now, house.timeZone),
      newForDays: house.newForDays,
      timeZone: house.timeZone,
    },
  ),
});
