import type { ValuesFilterKind } from '../filterKind.ts';
import { plainFilter } from './plain.ts';

export interface BrandFilter {
  by: 'brand';
}

export const brandFilter: ValuesFilterKind<BrandFilter> = {
  id: 'brand',
  name: 'Brand',
  find: ['brand', 'maker'],
  schema: plainFilter('brand'),
  offers: () => [{ by: 'brand' }],
  named: () => 'Brand',
  title: ({ brand }) => brand,
  chooses: 'several',
  drawn: 'list',
  ofVariant: false,
  looksAt: ['brandId'],
  keys: (_, { brandId }) => (brandId === null ? [] : [brandId]),
};
