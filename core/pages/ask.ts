import { linkTo, plainPage, type PageKind } from './pageKind.ts';

/** Where a shopper asks about a product, or for its price. */
export const askPage: PageKind = {
  ...plainPage,
  id: 'ask',
  name: 'Ask about a product',
  address: { steps: ['ask'], slugged: true },
  at: '/ask/…, for every product',
  needs: 'product',
  own: true,
  everywhere: true,
  reads: {
    sent: ({ done }) => (done ? '1' : null),
    for: ({ asksQuote }) => (asksQuote ? 'quote' : null),
  },
  trail: ({ product }, _, texts) =>
    product ? [linkTo(texts.shop, '/shop'), linkTo(product.title, `/product/${product.slug}`)] : [],
  first: { bays: [{ id: 'ask', holds: 'ask' }] },
};
