import { demoAssortments, type DemoIds } from './assortments.ts';
import type { StoredBay } from '../core/bays/index.ts';
import type { StoredShelf } from '../core/plan/shelf.ts';
import type { StoredPlan } from '../core/plan/storedPlan.ts';
import { footer, header } from './edges.ts';
import { demoHouse as house } from './house.ts';
import { tradeList, tradePage } from './tradePage.ts';

type CardSettings = NonNullable<StoredShelf['card']>;

/** Pictures of one ratio at every width. */
const pictures = (ratio: '1:1' | '3:2'): CardSettings => ({
  parts: { picture: { ratio: { phone: ratio } } },
});

/** Square pictures over titles of one line. */
const small: CardSettings = { parts: { picture: { ratio: { phone: '1:1' } }, title: { lines: 1 } } };

const paged = { by: 'numbered' } as const;

/** What shoppers find things in a long list with. */
const findIn = (filters: readonly string[]): NonNullable<StoredShelf['tools']> => ({
  count: { phone: true },
  sort: { phone: true },
  views: { phone: false, tablet: true },
  dense: { phone: false, laptop: true },
  filters: filters.map((id) => (id === 'brand' ? { id, words: 'Maker' } : { id })),
});

type Look = NonNullable<StoredBay['look']>;
const ROOMY: Look = { above: { phone: 32, laptop: 48 }, below: { phone: 8 } };

/** A bay with the shelf of the same id. */
const shelfBay = (id: string, words = '', look = ROOMY): StoredBay => ({
  id,
  holds: 'shelf',
  shelfId: id,
  ...(words && { heading: { words } }),
  look,
});

/** How the demo store is arranged at the start; the picture of the banner is made by the seed. */
export function demoPlan(bannerPictureId: string, ids: DemoIds): StoredPlan {
  const assortments = demoAssortments(ids);
  const shelves: StoredShelf[] = [
    {
      id: 'new-from-the-kiln',
      name: 'New from the kiln',
      amount: { by: 'items', items: { phone: 10 } },
      card: {
        parts: {
          basket: { shown: { phone: true }, shows: 'icon', zone: { phone: 'lowerEnd' }, when: 'hover' },
        },
      },
    },
    {
      id: 'reduced-now',
      name: 'Reduced now',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
        order: { by: 'reduction' },
      },
      notTwice: true,
      columns: { count: { phone: 2, tablet: 4, wide: 6 } },
      amount: { rows: { phone: 2, tablet: 1 } },
      card: small,
    },
    {
      id: 'shop-by-category',
      name: 'Shop by category',
      assortment: {
        of: 'categories',
        choose: {
          from: 'named',
          ids: ['tableware', 'vases', 'planters', 'teaware', 'tiles'].map(ids.category),
        },
        without: { empty: true, pictureless: true, catchAll: true, levels: [] },
        order: { by: 'asNamed' },
      },
      columns: { count: { phone: 2, tablet: 3, laptop: 5 } },
      amount: { by: 'items', items: { phone: 5 } },
      card: pictures('1:1'),
    },
    {
      id: 'shop',
      name: 'Everything',
      assortment: { of: 'products', order: { by: 'position' }, soldOut: 'toTheEnd' },
      columns: { count: { phone: 2, tablet: 3 } },
      amount: { rows: { phone: 8, tablet: 6 } },
      paging: paged,
      tools: findIn([
        'category',
        'price',
        'option.1',
        'stock',
        'brand',
        'rating',
        'reduced',
        'measure.capacity',
        'tag',
      ]),
      card: { parts: { rating: { shown: { phone: true } }, basket: { shown: { phone: true } } } },
    },
    {
      id: 'listing',
      name: 'Products of the category',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'around' }] },
        order: { by: 'bestSold', days: 90 },
        soldOut: 'toTheEnd',
      },
      columns: { count: { phone: 2, tablet: 3 } },
      amount: { rows: { phone: 6, tablet: 4 } },
      paging: paged,
      tools: findIn(['category', 'price', 'option.1', 'stock', 'brand', 'reduced']),
      card: { parts: { swatches: { shown: { phone: true } }, basket: { shown: { phone: true } } } },
    },
    {
      id: 'search-results',
      name: 'What was found',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'around' }] },
        order: { by: 'bestMatch' },
        soldOut: 'toTheEnd',
      },
      columns: { count: { phone: 2, tablet: 3 } },
      amount: { rows: { phone: 6, tablet: 4 } },
      paging: paged,
      tools: findIn(['category', 'price', 'option.1', 'stock', 'brand', 'reduced']),
      card: { parts: { rating: { shown: { phone: true } }, basket: { shown: { phone: true } } } },
    },
    {
      id: 'often-bought-together',
      name: 'Often bought together',
      assortmentId: 'goes-with-it',
      layout: { phone: 'carousel' },
      layoutOwn: { carousel: { visible: { phone: 1.6, tablet: 2.6, laptop: 4 } } },
      amount: { by: 'items', items: { phone: 8 } },
    },
    {
      id: 'under-sixty',
      name: 'Under sixty, from the table',
      assortmentId: 'under-sixty',
      layout: { phone: 'carousel' },
      layoutOwn: { carousel: { visible: { phone: 1.6, tablet: 2.6, laptop: 4 } } },
      amount: { by: 'items', items: { phone: 12 } },
    },
    {
      id: 'recently-viewed',
      name: 'Recently viewed',
      assortmentId: 'looked-at-lately',
      columns: { count: { phone: 3, tablet: 4, laptop: 6 } },
      amount: { rows: { phone: 1 } },
      card: small,
    },
    {
      id: 'kiln-stories',
      name: 'Kiln stories',
      assortmentId: 'kiln-stories',
      columns: { count: { phone: 1, tablet: 2, laptop: 3 } },
      amount: { rows: { phone: 1 } },
      card: pictures('3:2'),
    },
    {
      id: 'journal',
      name: 'The whole journal',
      assortmentId: 'kiln-stories',
      columns: { count: { phone: 1, tablet: 2, laptop: 3 } },
      amount: { rows: { phone: 4 } },
      paging: paged,
      card: pictures('3:2'),
    },
  ];
  /** What the tabs under a journal entry show, laid out alike. */
  const buying: StoredShelf[] = [
    {
      id: 'buying-reduced',
      name: 'Reduced',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
        order: { by: 'reduction' },
      },
      columns: { count: { phone: 2, tablet: 4 } },
      amount: { by: 'items', items: { phone: 8 } },
      card: { parts: { rating: { shown: { phone: true } } } },
    },
    {
      id: 'buying-new',
      name: 'New',
      like: 'buying-reduced',
      assortment: { of: 'products', order: { by: 'newest' } },
    },
    {
      id: 'buying-best-sold',
      name: 'Best sold',
      like: 'buying-reduced',
      assortment: { of: 'products', order: { by: 'bestSold', days: 90 } },
    },
    {
      id: 'buying-teaware',
      name: 'Teaware',
      like: 'buying-reduced',
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ is: 'category', ids: [ids.category('teaware')], below: true }] },
        order: { by: 'bestSold', days: 90 },
      },
    },
  ];
  const home: StoredBay[] = [
    { id: 'notice', holds: 'notice', words: 'Kiln opening on Saturday: seconds from £9', link: '/shop' },
    {
      id: 'banner',
      holds: 'banner',
      // Under the text on phones it is held where the jug is.
      style: {
        bannerPicture: {
          rest: { positionAcross: { phone: 72, tablet: 50 }, positionDown: { phone: 60, tablet: 50 } },
        },
      },
      title: 'Thrown slowly, glazed by the tide',
      words: 'Stoneware for the table, the sill and the garden, made by five pairs of hands.',
      button: 'See everything',
      link: '/shop',
      pictureId: bannerPictureId,
      height: { phone: 420, tablet: 340, laptop: 420 },
    },
    shelfBay('new-from-the-kiln', 'New from the kiln'),
    shelfBay('reduced-now', 'Reduced now', {
      background: '#f3ecdf',
      above: { phone: 32, laptop: 44 },
      below: { phone: 32, laptop: 44 },
    }),
    shelfBay('shop-by-category', 'Shop by category'),
    shelfBay('under-sixty', 'Under sixty, from the table'),
    shelfBay('recently-viewed', 'Recently viewed'),
    shelfBay('kiln-stories', 'From the journal'),
  ];
  const listingBay = (id: string) => shelfBay(id, '', { above: { phone: 20 }, below: { phone: 24 } });
  return {
    house,
    pages: {
      home: { id: 'home', kind: 'home', name: 'Home', bays: home },
      header,
      footer,
      shop: { id: 'shop', kind: 'shop', name: 'Shop', bays: [listingBay('shop')] },
      search: {
        id: 'search',
        kind: 'search',
        name: 'Search',
        bays: [
          { id: 'search-field', holds: 'search', fieldPx: { phone: 480 }, look: { above: { phone: 12 } } },
          listingBay('search-results'),
        ],
      },
      category: {
        id: 'category',
        kind: 'category',
        name: 'Category',
        bays: [listingBay('listing')],
      },
      collection: {
        id: 'collection',
        kind: 'collection',
        name: 'Collection',
        bays: [
          {
            id: 'collection-header',
            holds: 'banner',
            says: 'page',
            height: { phone: 300, tablet: 260, laptop: 320 },
            style: {
              bannerOverlay: { rest: { overlay: 'plain', overlayColour: '#ffffff', opacity: 60 } },
            },
          },
          listingBay('listing'),
        ],
      },
      journal: {
        id: 'journal',
        kind: 'journal',
        name: 'Journal',
        bays: [listingBay('journal'), shelfBay('under-sixty', 'Under sixty, from the table')],
      },
      entry: {
        id: 'entry',
        kind: 'entry',
        name: 'Journal entry',
        bays: [
          { id: 'entry', holds: 'entry', look: { above: { phone: 12 }, below: { phone: 24 } } },
          {
            id: 'what-people-buy',
            holds: 'tabs',
            heading: { words: 'What people are buying', align: 'center' },
            tabs: [
              { id: 'reduced', name: 'Reduced', shelfId: 'buying-reduced' },
              { id: 'new', name: 'New', shelfId: 'buying-new' },
              { id: 'best-sold', name: 'Best sold', shelfId: 'buying-best-sold' },
              { id: 'teaware', name: 'Teaware', shelfId: 'buying-teaware' },
            ],
            look: ROOMY,
          },
        ],
      },
      trade: tradePage,
      product: {
        id: 'product',
        kind: 'product',
        name: 'Product',
        bays: [
          {
            id: 'product',
            holds: 'product',
            way: { phone: 'dots', laptop: 'small' },
            smallAt: { phone: 'beside' },
            share: { phone: 50 },
            neighbours: true,
            buyStays: { phone: true, tablet: false },
            look: { above: { phone: 12 }, below: { phone: 24 } },
          },
          shelfBay('often-bought-together', 'Often bought together'),
        ],
      },
    },
    shelves: Object.fromEntries([...shelves, ...buying, tradeList(ids)].map((one) => [one.id, one])),
    assortments: Object.fromEntries(assortments.map((one) => [one.id, one])),
  };
}
