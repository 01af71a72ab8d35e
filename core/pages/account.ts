import { lookedAtLately } from '../plan/readyBays/lookedAtLately.ts';
import { firstBands } from '../plan/firstBands.ts';
import { plainPage, type PageKind } from './pageKind.ts';

const SAVED = 'account-saved';
const lookedAt = lookedAtLately.make('account-looked-at', firstBands);

/** What this browser ordered, saved and looked at; there is nothing to sign in to. */
export const accountPage: PageKind = {
  ...plainPage,
  id: 'account',
  name: 'Account',
  address: { steps: ['account'], slugged: false },
  at: '/account',
  needs: 'account',
  own: true,
  everywhere: true,
  around: ({ account }) => ({ of: 'saved', ids: account?.saved ?? [] }),
  first: {
    bays: [
      { id: 'account-orders', holds: 'orders', heading: { words: 'Your orders' } },
      { id: SAVED, holds: 'shelf', shelfId: SAVED, heading: { words: 'Saved for later' } },
      lookedAt.bay,
    ],
    shelves: [
      {
        id: SAVED,
        name: 'Saved for later',
        assortment: {
          of: 'products',
          rule: { join: 'all', parts: [{ is: 'around' }] },
          order: { by: 'saved' },
          soldOut: 'asTheyCome',
          fallback: { fewerThan: 1, then: 'goAway', from: null },
        },
        card: { parts: { save: { shown: { phone: true }, zone: { phone: 'upperEnd' } } } },
        paging: { by: 'numbered' },
      },
      ...lookedAt.shelves,
    ],
  },
};
