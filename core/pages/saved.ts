import type { StoredShelf } from '../plan/shelf.ts';
import { plainPage, type PageKind } from './pageKind.ts';

const SHELF = 'saved-products';

/** A shelf of what one shopper keeps for later, the most recent first. */
export const savedShelf = (id: string, name: string): StoredShelf & { assortment: { of: 'products' } } => ({
  id,
  name,
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'around' }] },
    order: { by: 'saved' },
    soldOut: 'asTheyCome',
  },
  // Where it is kept no longer.
  card: { parts: { save: { shown: { phone: true }, zone: { phone: 'upperEnd' } } } },
  paging: { by: 'numbered' },
});

/** What one shopper keeps for later. */
export const savedPage: PageKind = {
  ...plainPage,
  id: 'saved',
  name: 'Saved products',
  address: { steps: ['saved'], slugged: false },
  at: '/saved',
  needs: 'saved',
  own: true,
  everywhere: true,
  around: ({ saved }) => ({ of: 'saved', ids: saved ?? [] }),
  none: (texts) => texts.nothingSaved,
  first: {
    bays: [{ id: SHELF, holds: 'shelf', shelfId: SHELF }],
    shelves: [savedShelf(SHELF, 'Saved products')],
  },
};
