import type { ValuesFilterKind } from '../filterKind.ts';

export interface BrandFilter {
  by: 'brand';
}

export const brandFilter: ValuesFilterKind<BrandFilter> = {
  id: 'brand',
  name: 'Brand',
  find: ['brand', 'maker'],
  offers: () => [{ by: 'brand' }],
  named: () => 'Brand',
  title: ({ brand }) => brand,
  chooses: 'several',
  drawn: 'list',
  ofVariant: false,
  looksAt: ['brandId'],
  keys: (_, { brandId }) => (brandId === null ? [] : [brandId]),
};
