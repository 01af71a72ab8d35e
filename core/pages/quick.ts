import { linkTo, plainPage, type PageKind } from './pageKind.ts';
import { productPage } from './product.ts';

/** A product in short, as it is shown in a window over a list. */
export const quickPage: PageKind = {
  ...plainPage,
  id: 'quick',
  name: 'Quick view',
  address: { steps: ['quick'], slugged: true },
  at: '/quick/…, for every product',
  needs: 'product',
  reads: productPage.reads,
  standsFor: productPage.id,
  everywhere: true,
  named: productPage.named,
  described: productPage.described,
  trail: ({ product }, _, texts) =>
    product ? [linkTo(texts.shop, '/shop'), linkTo(product.title, `/product/${product.slug}`)] : [],
  first: {
    bays: [
      {
        id: 'quick',
        holds: 'product',
        most: 1,
        shows: { longText: false, fields: false, details: true },
      },
    ],
  },
};
