import { fewAndLarge } from '../arrangements/fewAndLarge.ts';
import type { ReadyBay } from './readyBay.ts';

export const fromTheJournal: ReadyBay = {
  id: 'fromTheJournal',
  heading: 'From the journal',
  about: 'The newest journal entries.',
  on: null,
  assortment: { of: 'entries', limit: 6 },
  arrangement: fewAndLarge,
  notTwice: false,
};
