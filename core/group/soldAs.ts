import type { ProductFacts } from '../catalogue/facts.ts';
import type { Selling } from '../catalogue/selling.ts';
import { groupId, type StoreGroup } from './storeGroup.ts';

/** How a store sells, with what is sold otherwise. */
export interface StoreSelling {
  selling: Selling;
  groups: readonly StoreGroup[];
}

/** A product is sold as the nearest of its categories says, else as the store does. */
export function soldAs(
  { categories }: Pick<ProductFacts, 'categories'>,
  { selling, groups }: StoreSelling,
): Selling {
  for (const id of categories) {
    const by = groups.find((one) => one.id === groupId('category', id))?.by;
    if (by) return { ...selling, by };
  }
  return selling;
}

/** Whether anything is sold otherwise than the store does. */
export const sellsOtherwise = (groups: readonly StoreGroup[]): boolean =>
  groups.some(({ by }) => by !== undefined);

/** Whether anything goes into a basket. */
export const sellsByBasket = ({ selling, groups }: StoreSelling): boolean =>
  selling.by === 'basket' || groups.some(({ by }) => by === 'basket');
