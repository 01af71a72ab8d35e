import type { ValuesFilterKind } from '../filterKind.ts';

export interface CategoryFilter {
  by: 'category';
}

/** A category with all below it; choosing one replaces the other. */
export const categoryFilter: ValuesFilterKind<CategoryFilter> = {
  id: 'category',
  parameter: 'category',
  offers: () => [{ by: 'category' }],
  named: () => 'Category',
  title: ({ category }) => category,
  chooses: 'one',
  drawn: 'tree',
  listed: (_, { categories }) => categories.map(({ id, slug, name }) => ({ key: id, slug, name })),
  ofVariant: false,
  looksAt: ['categoryIds'],
  keys: (_, { categoryIds }) => categoryIds,
};
