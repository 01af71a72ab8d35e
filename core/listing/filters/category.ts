import type { ValuesFilterKind } from '../filterKind.ts';

export interface CategoryFilter {
  by: 'category';
}

/** A category with all below it; choosing one replaces the other. */
export const categoryFilter: ValuesFilterKind<CategoryFilter> = {
  id: 'category',
  name: 'Category',
  find: ['category', 'tree', 'department'],
  offers: () => [{ by: 'category' }],
  named: () => 'Category',
  title: ({ category }) => category,
  chooses: 'one',
  drawn: 'tree',
  ofVariant: false,
  looksAt: ['categoryIds'],
  keys: (_, { categoryIds }) => categoryIds,
};
