import { firstParts } from '../bays/productParts.ts';
import { linkTo, plainPage, type PageKind } from './pageKind.ts';
import { productPage } from './product.ts';

/** In short: what is told at length is on its own page, which it leads to. */
const quickParts = [
  ...firstParts.filter(({ id }) => id !== 'longText' && id !== 'fields'),
  { id: 'details' as const },
];

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
        parts: quickParts,
      },
    ],
  },
};
