import type { House } from '../plan/house.ts';
import type { Currency } from './money.ts';

/** The store's currency, as its language writes it. */
export const currencyOf = (house: Pick<House, 'currency' | 'locale'>): Currency => ({
  code: house.currency,
  locale: house.locale,
});
