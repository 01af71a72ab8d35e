import type { ValuesFilterKind } from '../filterKind.ts';

export interface BrandFilter {
  by: 'brand';
}

export const brandFilter: ValuesFilterKind<BrandFilter> = {
  id: 'brand',
  parameter: 'brand',
  offers: () => [{ by: 'brand' }],
  named: () => 'Brand',
  title: ({ brand }) => brand,
  chooses: 'several',
  drawn: 'list',
  listed: (_, { brands }) => brands.map(({ id, slug, name }) => ({ key: id, slug, name })),
  ofVariant: false,
  looksAt: ['brandId'],
  keys: (_, { brandId }) => (brandId === null ? [] : [brandId]),
};
