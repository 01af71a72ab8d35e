import type { House } from '../plan/house.ts';
import { currencyOf } from './currencyOf.ts';
import type { Currency } from './money.ts';
import type { Selling } from './selling.ts';

/** What of the whole store reaches what its cards say. */
export interface CardStore {
  currency: Currency;
  selling: Selling;
}

export const cardStoreOf = (house: Pick<House, 'currency' | 'locale' | 'selling'>): CardStore => ({
  currency: currencyOf(house),
  selling: house.selling,
});
