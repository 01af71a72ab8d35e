import type { EntryDetail } from '../catalogue/facts.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

export interface EntryContent {
  entry: EntryDetail | null;
}

/** The journal entry that an entry's page is about. */
export const entryBay: BayKind<object, EntryContent> = {
  id: 'entry',
  name: 'Journal entry',
  settings: {},
  defaults: { 'look.above': 24, 'look.below': 24 },
  hasHeading: false,
  spec: [lookLine, visibilityLine],
  addable: false,
  named: () => 'The journal entry',
  atFirst: (id) => ({ bay: { id, holds: 'entry' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view(_, { about }) {
    const entry = about.entry ?? null;
    return { content: { entry }, empty: !entry };
  },
  tones: ({ entry }) => (entry?.picture ? [entry.picture] : []),
  heads: () => true,
  heightPx: (_content, _heading, _bands, regionPx) => (regionPx >= 880 ? 1000 : 1200),
  css: () => '',
};
