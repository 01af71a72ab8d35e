import { renditionAddress } from '../picture/renditions.ts';
import type { ProductFacts } from './facts.ts';
import { decimalMoney } from './money.ts';

/** Width of the pictures that machines are told of, px. */
const PICTURE_PX = 1000;

export interface DataStore {
  origin: string;
  currency: string;
}

export const productAddress = ({ slug }: Pick<ProductFacts, 'slug'>, { origin }: DataStore): string =>
  `${origin}/product/${encodeURIComponent(slug)}`;

export const pictureAddress = (picture: ProductFacts['pictures'][number], { origin }: DataStore): string =>
  `${origin}${renditionAddress(picture, PICTURE_PX)}`;

/**
 * What a product is, after schema.org (Product, Offer).
 * @param withPrice what is not said on the page is not said to machines either
 */
export const productData = (product: ProductFacts, store: DataStore, withPrice: boolean): object => ({
  '@type': 'Product',
  name: product.title,
  description: product.shortText,
  sku: product.code,
  image: product.pictures.map((one) => pictureAddress(one, store)),
  ...(product.brand && { brand: { '@type': 'Brand', name: product.brand } }),
  ...(product.rating && {
    aggregateRating: {
      '@type': 'AggregateRating',
      ratingValue: Number(product.rating.mean.toFixed(2)),
      reviewCount: product.rating.count,
    },
  }),
  ...(withPrice && {
    offers: {
      '@type': 'Offer',
      price: decimalMoney(product.price.reduced ?? product.price.regular, store.currency),
      priceCurrency: store.currency,
      availability: `https://schema.org/${product.stock.state === 'out' ? 'OutOfStock' : 'InStock'}`,
      url: productAddress(product, store),
    },
  }),
});
