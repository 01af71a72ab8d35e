import type { StoredAssortment } from '../core/assortment/assortment.ts';
import type { StoredSaved } from '../core/plan/savedAssortment.ts';

/** Ids of what the demo store's rules name. */
export interface DemoIds {
  category(slug: string): number;
  collection(slug: string): number;
  glaze(name: string): number;
}

const products = (more: Omit<Extract<StoredAssortment, { of: 'products' }>, 'of'>): StoredAssortment => ({
  of: 'products',
  ...more,
});

/** The selections that the demo store keeps under names. */
export const demoAssortments = ({ category, collection, glaze }: DemoIds): StoredSaved[] => [
  {
    id: 'under-sixty',
    name: 'Under sixty, from the table',
    assortment: products({
      rule: {
        join: 'all',
        parts: [
          { is: 'category', ids: [category('tableware')], below: true },
          { is: 'option', option: 1, values: ['Fogbank', 'Tidewrack', 'Oatmeal'].map(glaze) },
          { is: 'stock', state: 'in', most: 3 },
          { is: 'price', least: null, most: 6000 },
        ],
      },
      order: { by: 'bestSold', days: 30 },
      soldOut: 'toTheEnd',
      fallback: { fewerThan: 8, then: 'topUp', from: 'best-of-the-year' },
    }),
  },
  {
    id: 'best-of-the-year',
    name: 'Best sold of the year',
    assortment: products({ order: { by: 'bestSold', days: 365 }, limit: 40 }),
  },
  {
    id: 'bought-again',
    name: 'Bought again',
    assortment: products({
      rule: { join: 'all', parts: [{ is: 'collection', ids: [collection('bought-again')] }] },
      order: { by: 'lastSold' },
    }),
  },
  {
    id: 'goes-with-it',
    name: 'Goes with it',
    assortment: products({
      rule: { join: 'all', parts: [{ is: 'related' }] },
      order: { by: 'related' },
      fallback: { fewerThan: 4, then: 'topUp', from: 'best-of-the-year' },
    }),
  },
  {
    id: 'looked-at-lately',
    name: 'Recently viewed',
    assortment: products({
      rule: { join: 'all', parts: [{ is: 'lookedAt' }] },
      order: { by: 'lookedAt' },
      soldOut: 'asTheyCome',
      limit: 12,
      fallback: { fewerThan: 1, then: 'goAway', from: null },
    }),
  },
  {
    id: 'kiln-stories',
    name: 'Kiln stories',
    assortment: { of: 'entries', limit: 12 },
  },
  {
    id: 'all-collections',
    name: 'All collections',
    assortment: { of: 'collections' },
  },
  {
    id: 'winter-seconds',
    name: 'Winter seconds',
    assortment: products({
      rule: {
        join: 'all',
        parts: [
          { is: 'collection', ids: [collection('winter-kiln')] },
          { is: 'reduced', percent: 80 },
        ],
      },
    }),
  },
];
