import type { Clause } from '../../../core/assortment/clauses/index.ts';
import { isGroup, type Part } from '../../../core/assortment/rule.ts';

/**
 * Where an index finds the products that a clause holds for: on product itself, or in a table beside it. A kind
 * that is not listed is looked at product by product.
 */
const foundBy: Partial<Record<Clause['is'], 'product' | 'beside'>> = {
  category: 'product',
  tag: 'product',
  option: 'product',
  brand: 'product',
  named: 'product',
  lookedAt: 'product',
  words: 'beside',
  collection: 'beside',
};

/** Whether an index finds few enough for a part to begin from them. */
const isFound = (part: Part): boolean => {
  if (!isGroup(part)) return part.is in foundBy;
  if (part.join === 'all') return part.parts.some(isFound);
  return part.join === 'any' && part.parts.length > 0 && part.parts.every(isFound);
};

const isBeside = (part: Part): boolean =>
  isGroup(part) ? part.parts.some(isBeside) : foundBy[part.is] === 'beside';

/**
 * Whether "any of these" is better gathered part by part than asked of every product: each part can be found,
 * and one of them in a table beside product, where one index cannot answer them together.
 */
export const isGathered = (parts: readonly Part[]): boolean =>
  parts.length > 1 && parts.every(isFound) && parts.some(isBeside);
