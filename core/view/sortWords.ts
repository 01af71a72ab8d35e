import type { Item } from '../card/item.ts';
import { orderOfSort, sortOf, type AnySort } from '../listing/sorts.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';

/** What a field of the store's own is called, by the items that have it; undefined where none has. */
export function fieldName(field: string, items: readonly Item[]): string | undefined {
  for (const item of items) {
    const found = item.of === 'products' && item.product.fields.find(({ id }) => id === field);
    if (found) return found.name;
  }
  return undefined;
}

/** A way to sort in words, for shoppers. @param items that are sorted so */
export function sortWords(sort: AnySort, texts: StoreTexts, items: readonly Item[]): string {
  const listed = sortOf(sort);
  if (listed) return texts.sorts[listed.id];
  const order = orderOfSort(sort);
  return (order?.by === 'field' && fieldName(order.field, items)) || texts.columns.field;
}
