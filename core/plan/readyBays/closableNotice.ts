import type { ReadyBay } from './readyBay.ts';

export const closableNotice: ReadyBay = {
  id: 'closableNotice',
  heading: 'Notice that can be closed',
  about: 'One line across the page, which stays closed for whoever closes it.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: { id, holds: 'notice', words: 'Something every shopper should know', closable: true },
    shelves: [],
  }),
};
