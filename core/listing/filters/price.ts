import { VARIANTS, type SpanFilterKind } from '../filterKind.ts';

export interface PriceFilter {
  by: 'price';
}

/** What a shopper pays, minor units of the store's currency, both ends included. */
export const priceFilter: SpanFilterKind<PriceFilter> = {
  id: 'price',
  parameter: 'price',
  offers: () => [{ by: 'price' }],
  named: () => 'Price',
  title: ({ price }) => price,
  chooses: 'span',
  isMoney: true,
  ofVariant: true,
  looksAt: ['price', 'reduced', VARIANTS],
  figure: (_, __, { paid }) => paid,
};
