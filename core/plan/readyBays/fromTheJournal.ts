import { fewAndLarge } from '../arrangements/fewAndLarge.ts';
import { readyShelf } from './readyBay.ts';

export const fromTheJournal = readyShelf({
  id: 'fromTheJournal',
  heading: 'From the journal',
  about: 'The newest journal entries.',
  group: 'texts',
  on: null,
  assortment: { of: 'entries', limit: 6 },
  arrangement: fewAndLarge,
  notTwice: false,
});
