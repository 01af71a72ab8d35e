import { plainText, type BlockNode } from '../bays/richText.ts';
import { linkTo, plainPage, type PageKind } from './pageKind.ts';

const lineOf = (text: readonly BlockNode[]): string => plainText(text).replaceAll(/\s+/g, ' ').trim();

export const productPage: PageKind = {
  ...plainPage,
  singly: true,
  id: 'product',
  sharedAs: 'product',
  name: 'Product',
  address: { steps: ['product'], slugged: true },
  at: '/product/…, for every product',
  needs: 'product',
  reads: { variant: ({ product }) => (product?.askedVariant ? String(product.askedVariant) : null) },
  named: ({ product }) => product?.title ?? null,
  described: ({ product }) => product?.shortText || (product && lineOf(product.longText)) || null,
  pictured: ({ product }) => product?.pictures[0] ?? null,
  trail: ({ product }, _, texts) =>
    product
      ? [
          linkTo(texts.shop, '/shop'),
          ...product.trail.map(({ name, slug }) => linkTo(name, `/category/${slug}`)),
        ]
      : [],
  first: { bays: [{ id: 'product', holds: 'product' }] },
};
