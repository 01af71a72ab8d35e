import type { StoredPage } from '../core/plan/page.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import { columnOf } from '../core/table/tableColumn.ts';
import type { DemoIds } from './assortments.ts';

/** Everything of a category, by name, with a quantity for each row and one press that adds them all. */
export const tradeList = (ids: DemoIds): StoredShelf => ({
  id: 'trade-list',
  name: 'Trade list',
  layout: { phone: 'table' },
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'category', ids: [ids.category('tableware')], below: true }] },
    order: { by: 'title' },
  },
  amount: { by: 'rows', rows: { phone: 16 } },
  paging: { by: 'numbered' },
  card: { parts: { field: { field: 'capacity' } } },
  layoutOwn: {
    table: {
      addAll: 'both',
      basketLink: 'both',
      columns: [
        columnOf('picture'),
        columnOf('title'),
        { ...columnOf('code'), leaves: 2 },
        { ...columnOf('field'), align: 'end', leaves: 3 },
        { ...columnOf('brand'), leaves: 4, words: 'Maker' },
        { ...columnOf('rating'), leaves: 1 },
        { ...columnOf('stock'), leaves: 5 },
        columnOf('price'),
        { ...columnOf('quantity'), leaves: 6 },
        { ...columnOf('basket'), leaves: 6 },
      ],
    },
  },
});

/** For who buys for a shop or a café. */
export const tradePage: StoredPage = {
  id: 'trade',
  kind: 'own',
  name: 'Buying for a shop or a café',
  slug: 'trade',
  bays: [
    {
      id: 'trade-terms',
      holds: 'pictureText',
      columns: [
        {
          id: 'column-1',
          words:
            'Order any number of pieces. From £250 the parcel travels free; breakages are replaced with the next firing.',
        },
      ],
      look: { above: { phone: 4 }, below: { phone: 4 } },
    },
    { id: 'trade-list', holds: 'shelf', shelfId: 'trade-list', heading: { words: 'Trade list' } },
    {
      id: 'trade-account',
      holds: 'contact',
      heading: { words: 'Ask for a trade account' },
      fields: [
        { id: 'shop', label: 'Shop or café', required: true },
        { id: 'message', label: 'Your message', type: 'long' },
      ],
    },
  ],
};
