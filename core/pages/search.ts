import { WORDS_PARAMETER } from '../listing/parameters.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { plainPage, type PageKind } from './pageKind.ts';

const SHELF = 'search-results';

/** Shelf of what was searched, the best match first. */
const results: StoredShelf = {
  id: SHELF,
  name: 'What was found',
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'around' }] },
    order: { by: 'bestMatch' },
    soldOut: 'asTheyCome',
  },
  tools: { count: { phone: true }, sort: { phone: true } },
  paging: { by: 'numbered' },
};

/** Where searches of the store lead to. */
export const searchPage: PageKind = {
  ...plainPage,
  lists: true,
  endless: true,
  id: 'search',
  name: 'Search',
  address: { steps: ['search'], slugged: false },
  at: '/search',
  needs: 'search',
  everywhere: true,
  reads: { [WORDS_PARAMETER]: ({ search }) => search?.words || null },
  around: ({ search }) => (search ? { of: 'search', words: search.words, ids: search.ids } : null),
  named: ({ search }, texts) => (search?.words ? texts.searchedFor(search.words) : texts.searchPage),
  first: {
    bays: [
      { id: 'search-field', holds: 'search', fieldPx: { phone: 480 }, look: { above: { phone: 12 } } },
      { id: SHELF, holds: 'shelf', shelfId: SHELF },
    ],
    shelves: [results],
  },
};
