import type { Neighbours } from '../catalogue/neighbours.ts';
import type { CategoryFacts, EntryDetail, ProductDetail, ProductFacts } from '../catalogue/facts.ts';
import type { Vocabulary } from '../catalogue/vocabulary.ts';
import { array, idSchema, string, type Schema } from '../schema/schema.ts';
import type { Basket } from '../shopper/basket.ts';
import { contract } from './contract.ts';
import { shape, told } from './shape.ts';

const list = <T>() => array().required() as unknown as Schema<T[]>;

const words = string().max(200).default('') as unknown as Schema<string>;

export const readCategories = contract({
  method: 'GET',
  path: '/api/categories',
  who: 'signedIn',
  answer: shape<{ categories: CategoryFacts[] }>({ categories: list() }),
});

/** What rules can be made of. */
export const readVocabulary = contract({
  method: 'GET',
  path: '/api/vocabulary',
  who: 'signedIn',
  answer: shape<Vocabulary>({
    brands: list(),
    tags: list(),
    collections: list(),
    entries: list(),
    fields: list(),
    options: list(),
  }),
});

export interface NamedProduct {
  id: number;
  title: string;
}

const named = shape<{ products: NamedProduct[] }>({ products: list() });

/** Products whose titles have these words; the newest for none. */
export const findProducts = contract({
  method: 'GET',
  path: '/api/products',
  who: 'signedIn',
  query: shape<{ words: string }>({ words }),
  answer: shape<{ products: ProductFacts[] }>({ products: list() }),
});

/** Titles of products by their ids; those that are gone are missing. */
export const readTitles = contract({
  method: 'POST',
  path: '/api/titles',
  who: 'signedIn',
  body: shape<{ ids: readonly number[] }>({
    ids: array(idSchema).max(20_000).required(),
  }),
  answer: named,
});

/** The id of a product or an entry; empty for any. */
const oneOrAny = shape<{ id: string }>({
  id: string()
    .matches(/^\d{0,10}$/)
    .default('') as unknown as Schema<string>,
});

/** A product to show a product page with: the one with this id, or an example where none is named. */
export const specimenProduct = contract({
  method: 'GET',
  path: '/api/specimen',
  who: 'signedIn',
  query: oneOrAny,
  answer: shape<{ product: ProductDetail | null; neighbours: Neighbours | null }>({
    product: told(),
    neighbours: told(),
  }),
});

/** An entry to show an entry's page with: the one with this id, or an example where none is named. */
export const specimenEntry = contract({
  method: 'GET',
  path: '/api/specimen/entry',
  who: 'signedIn',
  query: oneOrAny,
  answer: shape<{ entry: EntryDetail | null }>({ entry: told() }),
});

/** A basket to show a shopper's own pages with. */
export const specimenBasket = contract({
  method: 'GET',
  path: '/api/specimen/basket',
  who: 'signedIn',
  answer: shape<{ basket: Basket }>({ basket: told() }),
});
