import type { Card } from '../core/card/card.ts';
import type { FormId } from '../core/forms/formKind.ts';
import { firstBands, newShelf } from '../core/plan/atFirst.ts';
import type { Shelf } from '../core/plan/shelf.ts';
import { publishWith } from './publish.ts';
import type { Store } from './store.ts';

export const SHELF = 'new-from-the-kiln';
export const first = newShelf('x', firstBands);
export const everywhere = <T>(value: T): Record<string, T> => ({ phone: value });

/** The shelf's card with pictures and titles of one line only, whose heights are known. */
export async function plainCard(store: Store): Promise<Card> {
  const { rows } = await store.pool.query(`SELECT body FROM draft_document WHERE key = 'shelf:${SHELF}'`);
  const { card } = rows[0].body as Shelf;
  return {
    ...card,
    titleLines: 1,
    shown: { ...card.shown, price: everywhere(false), rating: everywhere(false) },
  };
}

/** The shelf of the home page in another form. */
export async function publishForm(store: Store, form: FormId, more: Partial<Shelf> = {}): Promise<void> {
  await publishWith(store, {
    [`shelf:${SHELF}`]: {
      form: everywhere(form),
      card: await plainCard(store),
      amount: { by: 'items', rows: everywhere(2), items: everywhere(11) },
      ...more,
    },
  });
}
