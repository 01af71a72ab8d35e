import type {
  CategoryFacts,
  CollectionFacts,
  EntryFacts,
  PictureFacts,
  ProductFacts,
} from '../catalogue/facts.ts';

/** One thing that a card shows. */
export type Item =
  | { of: 'products'; product: ProductFacts }
  | { of: 'categories'; category: CategoryFacts }
  | { of: 'collections'; collection: CollectionFacts }
  | { of: 'entries'; entry: EntryFacts }
  | { of: 'pictures'; loose: { id: number; picture: PictureFacts; words: string; link: string } };

/** What every kind of item has, however it calls it. */
export interface ItemFace {
  id: number;
  title: string;
  words: string;
  picture: PictureFacts | null;
  /** Empty where it leads nowhere. */
  href: string;
}

type Faces = { [O in Item['of']]: (item: Extract<Item, { of: O }>) => ItemFace };

/** To add a kind of item, say here what its face is. */
const faces: Faces = {
  products: ({ product }) => ({
    id: product.id,
    title: product.title,
    words: product.shortText,
    picture: product.pictures[0] ?? null,
    href: `/product/${product.slug}`,
  }),
  categories: ({ category }) => ({
    id: category.id,
    title: category.name,
    words: category.description,
    picture: category.picture,
    href: `/category/${category.slug}`,
  }),
  collections: ({ collection }) => ({
    id: collection.id,
    title: collection.name,
    words: collection.description,
    picture: collection.picture,
    href: `/collection/${collection.slug}`,
  }),
  entries: ({ entry }) => ({
    id: entry.id,
    title: entry.title,
    words: entry.summary,
    picture: entry.picture,
    href: `/journal/${entry.slug}`,
  }),
  pictures: ({ loose }) => ({
    id: loose.id,
    title: loose.words,
    words: '',
    picture: loose.picture,
    href: loose.link,
  }),
};

export const faceOf = (item: Item): ItemFace => (faces[item.of] as (item: Item) => ItemFace)(item);
