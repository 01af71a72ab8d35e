import { textsFor } from '../texts/index.ts';
import type { ProductDetail } from '../catalogue/facts.ts';
import { decimalMoney, formatMoney } from '../catalogue/money.ts';
import { renditionAddress } from '../picture/renditions.ts';
import { currencyOf } from '../catalogue/currencyOf.ts';
import { labelKinds } from '../label/labels/index.ts';
import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import type { BayKind } from './bayKind.ts';
import { withoutShelves } from './withoutShelves.ts';

export interface ProductContent {
  product: ProductDetail | null;
  price: { now: string; before: string | null; from: boolean };
  labels: string[];
}

/** The product that a product page is about. */
export const productBay: BayKind<object, ProductContent> = {
  id: 'product',
  name: 'Product',
  settings: {},
  defaults: { 'look.above': 24, 'look.below': 24 },
  hasHeading: false,
  spec: [lookLine, visibilityLine],
  addable: false,
  named: () => 'The product',
  atFirst: (id) => ({ bay: { id, holds: 'product' }, shelves: [] }),
  ...withoutShelves,
  pictures: () => [],
  *view(_, { about, plan }) {
    const product = about.product ?? null;
    const currency = currencyOf(plan.house);
    const texts = textsFor(currency.locale);
    const { regular, reduced, from } = product?.price ?? { regular: 0, reduced: null, from: false };
    return {
      content: {
        product,
        price: {
          now: formatMoney(reduced ?? regular, currency),
          before: reduced === null ? null : formatMoney(regular, currency),
          from,
        },
        labels: product ? labelKinds.flatMap((kind) => kind.text(product, texts) ?? []) : [],
      },
      empty: !product,
    };
  },
  tones: ({ product }) => product?.pictures ?? [],
  heads: () => true,
  heightPx: (_content, _heading, _bands, regionPx) => (regionPx >= 880 ? 780 : 1300),
  css: () => '',
  data: ({ product }, { origin, currency }) =>
    product
      ? [
          {
            '@context': 'https://schema.org',
            '@type': 'Product',
            name: product.title,
            description: product.shortText,
            sku: product.code,
            image: product.pictures.map(({ id }) => `${origin}${renditionAddress(id, 1000)}`),
            ...(product.brand && { brand: { '@type': 'Brand', name: product.brand } }),
            ...(product.rating && {
              aggregateRating: {
                '@type': 'AggregateRating',
                ratingValue: Number(product.rating.mean.toFixed(2)),
                reviewCount: product.rating.count,
              },
            }),
            offers: {
              '@type': 'Offer',
              price: decimalMoney(product.price.reduced ?? product.price.regular, currency),
              priceCurrency: currency,
              availability: `https://schema.org/${product.stock.state === 'out' ? 'OutOfStock' : 'InStock'}`,
              url: `${origin}/product/${product.slug}`,
            },
          },
        ]
      : [],
};
