import type { LayoutId } from '../core/layouts/index.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { publishWith } from './publish.ts';
import type { Store } from './store.ts';

export type CardSettings = NonNullable<StoredShelf['card']>;

export const SHELF = 'new-from-the-kiln';
export const everywhere = <T>(value: T): Record<string, T> => ({ phone: value });

/** A card with pictures and titles of one line only, whose heights are known. */
export const plainCard: CardSettings = {
  parts: {
    title: { lines: 1 },
    price: { shown: everywhere(false) },
    rating: { shown: everywhere(false) },
  },
};

/** The plain card with other settings, those of its parts with the plain ones. */
export const cardWith = (more: CardSettings): CardSettings => ({
  ...plainCard,
  ...more,
  parts: { ...plainCard.parts, ...more.parts },
});

/** The shelf of the home page in another layout. */
export async function publishLayout(
  store: Store,
  layout: LayoutId,
  more: Partial<StoredShelf> = {},
): Promise<void> {
  await publishWith(store, {
    [`shelf:${SHELF}`]: {
      layout: everywhere(layout),
      card: plainCard,
      amount: { by: 'items', items: everywhere(11) },
      ...more,
    },
  });
}
