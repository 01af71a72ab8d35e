import type { StoreTexts } from '../texts/storeTexts.ts';
import type { StockFacts } from './facts.ts';

/** How few are left, exactly where that is known. */
export const fewLeftWords = (count: number | null, texts: StoreTexts): string =>
  count === null ? texts.aFewLeft : texts.fewLeft(count);

/** How much there is left of a product, in words. */
export const stockWords = ({ state, count }: StockFacts, texts: StoreTexts): string =>
  state === 'last' ? fewLeftWords(count, texts) : { in: texts.inStock, out: texts.soldOut }[state];
