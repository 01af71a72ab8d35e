import type { StoreTexts } from '../texts/storeTexts.ts';
import type { PriceFacts } from './facts.ts';
import { formatMoney, type Currency } from './money.ts';

/** A price in words. */
export interface SaidPrice {
  now: string;
  /** What it was; null where it is not reduced. */
  before: string | null;
  /** Said before it where other variants cost more. */
  from: string | null;
}

export const saidPrice = (
  { regular, reduced, from }: PriceFacts,
  currency: Currency,
  texts: StoreTexts,
): SaidPrice => ({
  now: formatMoney(reduced ?? regular, currency),
  before: reduced === null ? null : formatMoney(regular, currency),
  from: from ? texts.from : null,
});
