import { lookedAtLately } from '../plan/readyBays/lookedAtLately.ts';
import { firstBands } from '../plan/firstBands.ts';
import { plainPage, type PageKind } from './pageKind.ts';
import { savedShelf } from './saved.ts';

const SAVED = 'account-saved';
const saved = savedShelf(SAVED, 'Saved for later');
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
  around: ({ saved: ids }) => ({ of: 'saved', ids: ids ?? [] }),
  first: {
    bays: [
      { id: 'account-orders', holds: 'orders', heading: { words: 'Your orders' } },
      { id: SAVED, holds: 'shelf', shelfId: SAVED, heading: { words: 'Saved for later' } },
      lookedAt.bay,
    ],
    shelves: [
      {
        ...saved,
        assortment: { ...saved.assortment, fallback: { fewerThan: 1, then: 'goAway', from: null } },
      },
      ...lookedAt.shelves,
    ],
  },
};
