import { listed, plainPage, type PageKind } from './pageKind.ts';

export const journalPage: PageKind = {
  ...plainPage,
  id: 'journal',
  name: 'Journal',
  address: { steps: ['journal'], slugged: false },
  at: '/journal',
  first: listed('journal', 'The whole journal', { of: 'entries' }),
};
