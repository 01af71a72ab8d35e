import type { StoredHouse } from '../core/plan/house.ts';

/** What holds for the whole of the demo store. */
export const demoHouse: StoredHouse = {
  storeName: 'Kelverstone Clayworks',
  currency: 'GBP',
  locale: 'en-GB',
  timeZone: 'Europe/London',
  newForDays: 30,
  colours: {
    ground: '#fbf8f2',
    card: '#f1ece2',
    text: '#1f2a44',
    quiet: '#5f6473',
    accent: '#2b3a6b',
    onAccent: '#ffffff',
    reduced: '#a63a1e',
    line: '#ddd6c8',
  },
  labels: {
    list: [
      { id: 'soldOut', kind: 'soldOut' },
      { id: 'sale', kind: 'sale' },
      { id: 'lowStock', kind: 'lowStock', words: 'Last {left}' },
      { id: 'tag', kind: 'tag', tag: 'bought again', words: 'Bought again' },
    ],
  },
  contentPx: 1200,
  margin: { phone: 16, tablet: 24, laptop: 32 },
};
