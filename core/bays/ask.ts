import type { ProductDetail } from '../catalogue/facts.ts';
import type { SentForm } from '../shopper/shopper.ts';
import type { BayKind } from './bayKind.ts';
import { shopperBay } from './shopperBay.ts';

export interface AskContent {
  product: Pick<ProductDetail, 'title' | 'slug' | 'pictures'> | null;
  sent: SentForm | null;
  /** It was sent, and the shopper is thanked. */
  done: boolean;
  /** It asks for a quote. */
  asksQuote: boolean;
}

const FORM_PX = 560;

/** A question about a product, or for its price, to the store. */
export const askBay: BayKind<object, AskContent> = {
  ...shopperBay,
  id: 'ask',
  name: 'Question about a product',
  named: () => 'The question',
  atFirst: (id) => ({ bay: { id, holds: 'ask' }, shelves: [] }),
  *view(_, { about: { product, sent, done, asksQuote } }) {
    return {
      content: {
        product: product
          ? { title: product.title, slug: product.slug, pictures: product.pictures.slice(0, 1) }
          : null,
        sent: sent ?? null,
        done: done ?? false,
        asksQuote: asksQuote ?? false,
      },
      empty: !product,
    };
  },
  tones: ({ product }) => product?.pictures ?? [],
  heads: () => false,
  heightPx: () => FORM_PX,
};
