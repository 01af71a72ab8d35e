import { fractionDigits } from '../../core/catalogue/money.ts';
import type { Filter } from '../../core/listing/filters/index.ts';
import type { ListingIndex } from '../../core/listing/listingIndex.ts';
import { listingParameters, type ListingParameters } from '../../core/listing/parameters.ts';
import type { ListingWords } from '../../core/listing/words.ts';
import type { House } from '../../core/plan/house.ts';
import type { Facts } from '../assortments/facts.ts';

/** What listings are named by: the words, and how they stand in addresses. */
export interface ListingNames {
  words: ListingWords;
  parameters: ListingParameters;
}

/** @param index what occurs of tags and fields is asked of it, as it is then */
export function listingNames(
  { tree, words }: Facts,
  index: ListingIndex,
  { currency }: Pick<House, 'currency'>,
): ListingNames {
  const all: ListingWords = {
    ...words,
    categories: tree.all,
    occurs(filter, key) {
      const column = index.column(filter as Filter);
      return column.is === 'values' && column.codeOf(key) !== undefined;
    },
  };
  return { words: all, parameters: listingParameters(all, fractionDigits(currency)) };
}
