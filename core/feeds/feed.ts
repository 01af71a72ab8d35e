import type { DataStore } from '../catalogue/productData.ts';
import type { ProductFacts } from '../catalogue/facts.ts';

/** What a feed says of the store. */
export interface FeedStore extends DataStore {
  name: string;
  locale: string;
  /** When it is read, UTC ms. */
  now: number;
}

/** A product as a feed tells of it. */
export interface FeedItem {
  product: ProductFacts;
  /** Its price is said on its page. */
  withPrice: boolean;
}

/** All products, for programs that compare or list them, in one open format. */
export interface Feed {
  id: 'atom' | 'jsonLd';
  name: string;
  /** Where it is: "/feed/…". */
  file: string;
  type: string;
  begin(store: FeedStore): string;
  /** @param first nothing stands before it */
  item(item: FeedItem, store: FeedStore, first: boolean): string;
  end: string;
}

export const feedPath = ({ file }: Pick<Feed, 'file'>): string => `/feed/${file}`;
