import type { Item } from '../card/item.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenHouse,
  specimenPicture,
  specimenPictured,
  specimenProduct,
  specimenShelf,
  specimenStored,
} from './specimen.ts';

/** A bay of tabs, each with a shelf that shows so many. */
const tabbed = (limits: readonly number[]): StoredPlan =>
  specimenStored(
    limits.map((limit, i) => specimenShelf(`s${i}`, { assortment: { of: 'products', limit } })),
    [
      specimenBay('a', {
        holds: 'tabs',
        tabs: limits.map((_, i) => ({ id: `t${i}`, shelfId: `s${i}` })),
      } as never),
    ],
  );

/** A plan that makes each check fire, and how many of its findings have a fix. */
export const checkSpecimens: Record<
  string,
  { plan: StoredPlan; total?: number; goods?: readonly Item[]; fixes: boolean }
> = {
  'parts-collide': {
    plan: specimenStored([
      specimenShelf('a', {
        card: {
          parts: {
            price: { zone: { phone: 'foot' } },
            code: { shown: { phone: true }, zone: { phone: 'lowerEnd' } },
          },
        },
      }),
    ]),
    goods: [{ of: 'products', product: specimenProduct(1, { code: 'KC-1001' }) }],
    fixes: true,
  },
  'target-too-small': {
    plan: specimenStored([specimenShelf('a', { columns: { by: 'count', count: { phone: 12, tablet: 4 } } })]),
    fixes: true,
  },
  'labels-collide': {
    plan: {
      ...specimenStored([specimenShelf('a', { columns: { by: 'count', count: { phone: 3 } } })]),
      house: {
        labels: {
          list: [
            { id: 'sale', kind: 'sale', words: 'Save {saved} while it lasts' },
            { id: 'new', kind: 'featured', words: 'Our own favourite', at: 'upperEnd' },
          ],
        },
      },
    },
    goods: [
      {
        of: 'products',
        product: specimenProduct(1, {
          featured: true,
          price: { regular: 4400, reduced: 2850, from: false },
          pictures: [specimenPicture()],
        }),
      },
    ],
    fixes: true,
  },
  'label-colours': {
    plan: {
      ...specimenStored([specimenShelf('a')]),
      house: {
        ...specimenHouse,
        labels: { list: [{ id: 'sale', kind: 'sale', ground: '#ffee00', ink: '#ffffff' }] },
      },
    },
    fixes: true,
  },
  'only-on-hover': {
    plan: specimenStored([
      specimenShelf('a', { card: { parts: { price: { zone: { phone: 'foot' }, when: 'hover' } } } }),
    ]),
    fixes: true,
  },
  'button-text-clipped': {
    plan: specimenStored([
      specimenShelf('a', {
        columns: { by: 'count', count: { phone: 3 } },
        card: { parts: { save: { shown: { phone: true }, shows: 'both', words: 'Keep it for later on' } } },
      }),
    ]),
    fixes: true,
  },
  'text-clipped': {
    plan: specimenStored([specimenShelf('a', { card: { parts: { title: { lines: 1 } } } })]),
    goods: ['Wide-rimmed bowl', 'Mug', 'Jug', 'Low tide stoneware planter'].map((title, i) => ({
      of: 'products',
      product: specimenProduct(i + 1, { title }),
    })),
    fixes: true,
  },
  'crop-loses': {
    plan: specimenStored([specimenShelf('a', { card: { parts: { picture: { ratio: { phone: '2:3' } } } } })]),
    goods: specimenPictured({ width: 1500, height: 1000 }, { width: 1800, height: 1100 }),
    fixes: true,
  },
  'picture-too-small': {
    plan: specimenStored([specimenShelf('a', {})]),
    goods: specimenPictured({ width: 90, height: 110 }),
    fixes: false,
  },
  'text-over-picture': {
    plan: specimenStored([
      specimenShelf('a', { card: { text: { reach: { phone: 40 }, background: 'none' } } }),
    ]),
    goods: specimenPictured({ dominant: '#202020' }),
    fixes: true,
  },
  'text-hard-to-read': {
    plan: specimenStored([
      specimenShelf('a', { style: { price: { cardHover: { textColour: '#bbbbbb' } } } }),
    ]),
    fixes: true,
  },
  'part-alone': {
    plan: specimenStored([
      specimenShelf('a', {
        card: {
          parts: {
            quantity: { shown: { phone: true } },
            basket: { shown: { phone: false, laptop: true } },
          },
        },
      }),
    ]),
    fixes: true,
  },
  'field-missing': {
    plan: specimenStored([
      specimenShelf('a', { card: { parts: { field: { shown: { phone: true }, field: 'width' } } } }),
    ]),
    fixes: true,
  },
  'leads-nowhere': {
    plan: specimenStored([], [specimenBay('a', { holds: 'jump', words: 'Down', target: 'b' } as never)]),
    fixes: false,
  },
  'name-taken': {
    plan: specimenStored(
      [],
      ['a', 'b'].map((id) => specimenBay(id, { holds: 'notice', words: 'Hello', anchor: 'sale' } as never)),
    ),
    fixes: true,
  },
  'arranged-gone': {
    plan: (() => {
      const stored = specimenStored([specimenShelf('a')]);
      const one = { id: 'one', kind: 'category', name: 'One', about: 99_999, bays: [] };
      return { ...stored, pages: { ...stored.pages, one } };
    })(),
    fixes: true,
  },
  'times-at-odds': {
    plan: specimenStored(
      [specimenShelf('a')],
      [
        specimenBay('a', {
          holds: 'shelf',
          shelfId: 'a',
          from: '2026-12-02T09:00',
          until: '2026-12-01T09:00',
        } as never),
      ],
    ),
    fixes: true,
  },
  'tabs-alike': { plan: tabbed([4, 4]), fixes: false },
  'tabs-many': { plan: tabbed([1, 2, 3, 4, 5, 6]), fixes: false },
  'tabs-uneven': { plan: tabbed([8, 2]), fixes: false },
  'shelf-gone': { plan: specimenStored([], [specimenBay('a')]), fixes: true },
  'assortment-gone': {
    plan: specimenStored([specimenShelf('a', { assortmentId: 'nowhere' })]),
    fixes: true,
  },
  'top-up-returns': {
    plan: {
      ...specimenStored([specimenShelf('a')]),
      assortments: Object.fromEntries(
        [
          ['x', 'y'],
          ['y', 'x'],
        ].map(([id, from]) => [
          id!,
          {
            id: id!,
            name: id!.toUpperCase(),
            assortment: {
              of: 'products' as const,
              fallback: { fewerThan: 4, then: 'topUp' as const, from: from! },
            },
          },
        ]),
      ),
    },
    fixes: true,
  },
  'widths-gone': {
    plan: specimenStored([specimenShelf('a')], [specimenBay('a', { bands: ['wall'] })]),
    fixes: true,
  },
  'page-address': {
    plan: {
      ...specimenStored([specimenShelf('a')]),
      pages: {
        ...specimenStored([specimenShelf('a')]).pages,
        // On the very page that is looked at, so that it is among its findings.
        home: { id: 'home', kind: 'own', name: 'Ours', bays: [specimenBay('a')] },
      },
    },
    fixes: false,
  },
  'rule-never-matches': {
    plan: specimenStored([
      specimenShelf('a', {
        assortment: {
          of: 'products',
          rule: {
            join: 'all',
            parts: [
              { is: 'price', least: null, most: 500 },
              { is: 'price', least: 600, most: null },
            ],
          },
        },
      }),
    ]),
    fixes: false,
  },
  'nothing-to-show': { plan: specimenStored([specimenShelf('a')]), total: 0, fixes: true },
  'rows-left-short': {
    plan: specimenStored([specimenShelf('a', { amount: { by: 'items', items: { phone: 10 } } })]),
    fixes: true,
  },
  'same-product-twice': {
    plan: specimenStored([specimenShelf('a'), specimenShelf('b')]),
    fixes: true,
  },
  'cannot-move': {
    plan: specimenStored([
      specimenShelf('a', {
        layout: { phone: 'carousel' },
        layoutOwn: { carousel: { visible: { phone: 6 } } },
      }),
    ]),
    total: 4,
    fixes: true,
  },
  'round-too-long': {
    plan: specimenStored([
      specimenShelf('a', {
        layout: { phone: 'slider' },
        moving: { play: true, restMs: 9_000 },
      }),
    ]),
    fixes: false,
  },
  'end-above-foot': {
    plan: specimenStored([specimenShelf('a', { paging: { by: 'onReach' } }), specimenShelf('b')]),
    fixes: true,
  },
  'lying-over': {
    plan: specimenStored(
      [specimenShelf('a'), specimenShelf('b')],
      [specimenBay('a'), specimenBay('b', { look: { rise: { phone: 100 } } })],
    ),
    fixes: true,
  },
  'heading-at-odds': {
    plan: specimenStored(
      [specimenShelf('a', { assortment: { of: 'products', order: { by: 'title' } } })],
      [specimenBay('a', { heading: { words: 'New in' } })],
    ),
    fixes: false,
  },
  'gone-from-rule': {
    plan: specimenStored([
      specimenShelf('a', {
        assortment: {
          of: 'products',
          byHand: { putIn: [], leftOut: [], pins: [{ id: 9999, place: 1 }] },
        },
      }),
    ]),
    fixes: true,
  },
  'filter-gone': {
    plan: specimenStored([
      specimenShelf('a', {
        tools: { filters: [{ id: 'price' }, { id: 'option.9', words: 'Size' }, { id: 'field.gone' }] },
      }),
    ]),
    fixes: true,
  },
  'first-headings': {
    plan: specimenStored(
      [specimenShelf('a'), specimenShelf('b')],
      ['a', 'b'].map((id) => specimenBay(id, { heading: { words: id, level: 1 } })),
    ),
    fixes: true,
  },
};
