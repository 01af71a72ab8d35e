import type { AboutKinds } from '../../../core/pages/pageKind.ts';
import type { AboutReader } from './aboutReader.ts';
import { aboutAccount } from './account.ts';
import { aboutBasket } from './basket.ts';
import { aboutCategory } from './category.ts';
import { aboutCollection } from './collection.ts';
import { aboutEntry } from './entry.ts';
import { aboutOrder } from './order.ts';
import { aboutProduct } from './product.ts';
import { aboutSaved } from './saved.ts';
import { aboutSearch } from './search.ts';

/** Readers of what pages are about; one that a kind of page needs and that is missing does not compile. */
export const aboutReaders: Record<keyof AboutKinds, AboutReader> = {
  category: aboutCategory,
  collection: aboutCollection,
  product: aboutProduct,
  entry: aboutEntry,
  basket: aboutBasket,
  order: aboutOrder,
  saved: aboutSaved,
  search: aboutSearch,
  account: aboutAccount,
};
