import { demoAssortments, type DemoIds } from './assortments.ts';
import type { Bands } from '../core/bands/bands.ts';
import type { Card, Ratio } from '../core/card/card.ts';
import type { BayLook } from '../core/plan/bay.ts';
import type { Bay } from '../core/plan/bays/index.ts';
import type { House } from '../core/plan/house.ts';
import type { Plan } from '../core/plan/plan.ts';
import type { Shelf } from '../core/plan/shelf.ts';
import { firstBands, newCard, newShelf } from '../core/plan/atFirst.ts';

const house: House = {
  storeName: 'Kelverstone Clayworks',
  currency: 'GBP',
  locale: 'en-GB',
  timeZone: 'Europe/London',
  newForDays: 30,
  bands: [...firstBands],
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
  contentPx: 1200,
  margin: { phone: 16, tablet: 24, laptop: 32 },
};

/** Nothing by hand, and no fallback. */
const plainHand = { byHand: { putIn: [], leftOut: [], pins: [] }, fallback: null };

const look = (
  width: BayLook['width'],
  ground: string | null,
  above: BayLook['above'],
  below: BayLook['below'],
): BayLook => ({ width, ownPx: 760, margin: null, ground, above, below });

const pictures = (ratio: Ratio): Card['picture'] => ({
  by: 'ratio',
  ratio: { phone: ratio },
  height: { phone: 240 },
  screen: { phone: 50 },
  fit: 'fill',
});

const shelf = (id: string, more: Partial<Shelf>): Shelf => ({ ...newShelf(id, house.bands), ...more });

const bay = (id: string, more: Partial<Bay> & Pick<Bay, 'holds'>): Bay =>
  ({
    id,
    heading: { words: '', level: 2, align: 'start' },
    look: look('content', null, { phone: 32, laptop: 48 }, { phone: 8 }),
    bands: null,
    hidden: false,
    ...more,
  }) as Bay;

const card = (bands: Bands, more: Partial<Card> = {}): Card => ({ ...newCard('products', bands), ...more });

/** How the demo store is arranged at the start; the picture of the banner is made by the seed. */
export function demoPlan(bannerPictureId: string, ids: DemoIds): Plan {
  const assortments = demoAssortments(ids);
  const shown = newCard('products', house.bands).shown;
  const shelves: Shelf[] = [
    shelf('new-from-the-kiln', {
      name: 'New from the kiln',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [] },
        order: { by: 'newest' },
        soldOut: 'out',
        limit: null,
        ...plainHand,
      },
      across: { by: 'count', count: { phone: 2, tablet: 3, laptop: 4 }, smallest: { phone: 220 } },
      amount: { by: 'items', items: { phone: 10 }, rows: { phone: 4, laptop: 2 } },
      card: card(house.bands, { picture: pictures('4:5') }),
    }),
    shelf('reduced-just-now', {
      name: 'Reduced just now',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
        order: { by: 'reduction' },
        soldOut: 'out',
        limit: null,
        ...plainHand,
      },
      notTwice: true,
      across: { by: 'count', count: { phone: 2, tablet: 4, wide: 6 }, smallest: { phone: 180 } },
      amount: { by: 'rows', items: { phone: 12 }, rows: { phone: 2, tablet: 1 } },
      card: card(house.bands, { picture: pictures('1:1'), titleLines: 1 }),
    }),
    shelf('by-the-table', {
      name: 'By the table',
      assortment: {
        of: 'categories',
        choose: {
          from: 'named',
          ids: ['tableware', 'vases', 'planters', 'teaware', 'tiles'].map(ids.category),
        },
        without: { empty: true, pictureless: true, catchAll: true, levels: [] },
        grouped: false,
        order: { by: 'asNamed' },
        limit: null,
      },
      across: { by: 'count', count: { phone: 2, tablet: 3, laptop: 5 }, smallest: { phone: 180 } },
      amount: { by: 'items', items: { phone: 5 }, rows: { phone: 2 } },
      card: { ...newCard('categories', house.bands), picture: pictures('1:1') },
    }),
    shelf('shop', {
      name: 'Everything',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [] },
        order: { by: 'position' },
        soldOut: 'toTheEnd',
        limit: null,
        ...plainHand,
      },
      across: { by: 'count', count: { phone: 2, tablet: 3, laptop: 4 }, smallest: { phone: 200 } },
      amount: { by: 'rows', items: { phone: 24 }, rows: { phone: 8, tablet: 6 } },
      paging: { by: 'numbered', words: 'Show more', link: '' },
      card: card(house.bands, { shown: { ...shown, rating: { phone: true } } }),
    }),
    shelf('listing', {
      name: 'What stands in the category',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'around' }] },
        order: { by: 'bestSold', days: 90 },
        soldOut: 'toTheEnd',
        limit: null,
        ...plainHand,
      },
      across: { by: 'count', count: { phone: 2, tablet: 3, laptop: 4 }, smallest: { phone: 200 } },
      amount: { by: 'rows', items: { phone: 24 }, rows: { phone: 6, tablet: 4 } },
      paging: { by: 'numbered', words: 'Show more', link: '' },
    }),
    shelf('often-taken-along', {
      name: 'Often taken along',
      assortmentId: 'goes-with-it',
      form: { phone: 'carousel' },
      visible: { phone: 1.6, tablet: 2.6, laptop: 4 },
      across: { by: 'count', count: { phone: 2, tablet: 4 }, smallest: { phone: 180 } },
      amount: { by: 'items', items: { phone: 8 }, rows: { phone: 1 } },
    }),
    shelf('under-sixty', {
      name: 'Under sixty, from the table',
      assortmentId: 'under-sixty',
      form: { phone: 'carousel' },
      visible: { phone: 1.6, tablet: 2.6, laptop: 4 },
      across: { by: 'count', count: { phone: 2, tablet: 3, laptop: 4 }, smallest: { phone: 180 } },
      amount: { by: 'items', items: { phone: 12 }, rows: { phone: 2 } },
    }),
    shelf('looked-at-lately', {
      name: 'Looked at lately',
      assortmentId: 'looked-at-lately',
      across: { by: 'count', count: { phone: 3, tablet: 4, laptop: 6 }, smallest: { phone: 140 } },
      amount: { by: 'rows', items: { phone: 6 }, rows: { phone: 1 } },
      card: card(house.bands, { picture: pictures('1:1'), titleLines: 1 }),
    }),
    shelf('kiln-stories', {
      name: 'Kiln stories',
      assortmentId: 'kiln-stories',
      across: { by: 'count', count: { phone: 1, tablet: 2, laptop: 3 }, smallest: { phone: 240 } },
      amount: { by: 'rows', items: { phone: 3 }, rows: { phone: 1 } },
      card: { ...newCard('entries', house.bands), picture: pictures('3:2') },
    }),
    shelf('journal', {
      name: 'The whole journal',
      assortmentId: 'kiln-stories',
      across: { by: 'count', count: { phone: 1, tablet: 2, laptop: 3 }, smallest: { phone: 240 } },
      amount: { by: 'rows', items: { phone: 12 }, rows: { phone: 4 } },
      paging: { by: 'numbered', words: 'Show more', link: '' },
      card: { ...newCard('entries', house.bands), picture: pictures('3:2') },
    }),
  ];
  const home: Bay[] = [
    bay('notice', {
      holds: 'notice',
      words: 'Kiln opening on Saturday: seconds from £9',
      link: '/shop',
      look: look('window', '#2b3a55', { phone: 0 }, { phone: 0 }),
    }),
    bay('banner', {
      holds: 'banner',
      title: 'Thrown slowly, glazed by the tide',
      words: 'Stoneware for the table, the sill and the garden, made by five pairs of hands.',
      button: 'See everything',
      link: '/shop',
      pictureId: bannerPictureId,
      height: { phone: 420, tablet: 340, laptop: 420 },
      look: look('window', null, { phone: 0 }, { phone: 0 }),
    }),
    bay('new-from-the-kiln', {
      holds: 'shelf',
      shelfId: 'new-from-the-kiln',
      heading: { words: 'New from the kiln', level: 2, align: 'start' },
    }),
    bay('reduced-just-now', {
      holds: 'shelf',
      shelfId: 'reduced-just-now',
      heading: { words: 'Reduced just now', level: 2, align: 'start' },
      look: look('content', '#f3ecdf', { phone: 32, laptop: 44 }, { phone: 32, laptop: 44 }),
    }),
    bay('by-the-table', {
      holds: 'shelf',
      shelfId: 'by-the-table',
      heading: { words: 'By the table', level: 2, align: 'start' },
    }),
    bay('under-sixty', {
      holds: 'shelf',
      shelfId: 'under-sixty',
      heading: { words: 'Under sixty, from the table', level: 2, align: 'start' },
    }),
    bay('looked-at-lately', {
      holds: 'shelf',
      shelfId: 'looked-at-lately',
      heading: { words: 'Looked at lately', level: 2, align: 'start' },
    }),
    bay('kiln-stories', {
      holds: 'shelf',
      shelfId: 'kiln-stories',
      heading: { words: 'From the journal', level: 2, align: 'start' },
    }),
  ];
  const listingBay = (id: string) =>
    bay(id, {
      holds: 'shelf',
      shelfId: id,
      look: look('content', null, { phone: 20 }, { phone: 24 }),
    });
  return {
    house,
    pages: {
      home: { id: 'home', kind: 'home', name: 'Home', direction: 'language', bays: home },
      shop: { id: 'shop', kind: 'shop', name: 'Shop', direction: 'language', bays: [listingBay('shop')] },
      category: {
        id: 'category',
        kind: 'category',
        name: 'Category',
        direction: 'language',
        bays: [listingBay('listing')],
      },
      collection: {
        id: 'collection',
        kind: 'collection',
        name: 'Collection',
        direction: 'language',
        bays: [listingBay('listing')],
      },
      journal: {
        id: 'journal',
        kind: 'journal',
        name: 'Journal',
        direction: 'language',
        bays: [
          listingBay('journal'),
          bay('under-sixty', {
            holds: 'shelf',
            shelfId: 'under-sixty',
            heading: { words: 'Under sixty, from the table', level: 2, align: 'start' },
          }),
        ],
      },
      entry: {
        id: 'entry',
        kind: 'entry',
        name: 'Journal entry',
        direction: 'language',
        bays: [
          bay('entry', {
            holds: 'entry',
            look: look('content', null, { phone: 12 }, { phone: 24 }),
          }),
        ],
      },
      product: {
        id: 'product',
        kind: 'product',
        name: 'Product',
        direction: 'language',
        bays: [
          bay('product', {
            holds: 'product',
            look: look('content', null, { phone: 12 }, { phone: 24 }),
          }),
          bay('often-taken-along', {
            holds: 'shelf',
            shelfId: 'often-taken-along',
            heading: { words: 'Often taken along', level: 2, align: 'start' },
          }),
        ],
      },
    },
    shelves: Object.fromEntries(shelves.map((one) => [one.id, one])),
    assortments: Object.fromEntries(assortments.map((one) => [one.id, one])),
  };
}
