import { AROUND, listed, linkTo, plainPage, type PageKind } from './pageKind.ts';

export const categoryPage: PageKind = {
  ...plainPage,
  singly: true,
  lists: true,
  id: 'category',
  name: 'Category',
  address: { steps: ['category'], slugged: true },
  at: '/category/…, for every category',
  needs: 'category',
  around: ({ category }) => (category ? { of: 'category', id: category.id } : null),
  named: ({ category }) => category?.name ?? null,
  described: ({ category }) => category?.description || null,
  pictured: ({ category }) => category?.picture ?? null,
  trail: ({ category }, tree, texts) =>
    category
      ? [
          linkTo(texts.shop, '/shop'),
          ...tree.ancestors(category.id).map(({ name, slug }) => linkTo(name, `/category/${slug}`)),
        ]
      : [],
  first: listed('category', 'Products of the category', AROUND),
};
