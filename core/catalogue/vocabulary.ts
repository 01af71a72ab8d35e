import { sizeOf } from '../picture/namedSizes.ts';
import type { House } from '../plan/house.ts';
import type { Names } from '../sentence/sentence.ts';
import type { CategoryTree } from './categoryTree.ts';
import type { CollectionFacts, EntryFacts } from './facts.ts';

/** The words that rules can be made of: what really occurs in the catalogue, with how many products have it. */
export interface Vocabulary {
  brands: { id: number; name: string; products: number }[];
  /** By what rules know them by. */
  tags: { tag: string; number: number; name: string; products: number }[];
  collections: CollectionFacts[];
  entries: EntryFacts[];
  fields: FieldFacts[];
  options: { id: number; name: string; values: { id: number; name: string; products: number }[] }[];
}

export interface FieldFacts {
  id: string;
  name: string;
  type: 'number' | 'text' | 'yesNo';
  unit: string;
  /** The values that occur most, most first; of numbers the lowest and the highest as well. */
  values: (string | number | boolean)[];
  least: number | null;
  most: number | null;
}

export const emptyVocabulary: Vocabulary = {
  brands: [],
  tags: [],
  collections: [],
  entries: [],
  fields: [],
  options: [],
};

/** Names of everything that sentences speak of. */
export function namesFrom(
  house: Pick<House, 'bands' | 'currency' | 'locale' | 'timeZone' | 'labels' | 'pictureSizes'>,
  tree: CategoryTree,
  vocabulary: Vocabulary,
  product: (id: number) => string | undefined,
  { shelf, assortment, bay, page }: Pick<Names, 'shelf' | 'assortment' | 'bay' | 'page'>,
): Names {
  const byId = <T extends { id: number | string }>(list: readonly T[]) =>
    new Map(list.map((one) => [one.id, one]));
  const [brands, collections, fields, options] = [
    byId(vocabulary.brands),
    byId(vocabulary.collections),
    byId(vocabulary.fields),
    byId(vocabulary.options),
  ];
  const tags = new Map(vocabulary.tags.map(({ tag, name }) => [tag, name]));
  const values = new Map(
    vocabulary.options.flatMap((option) =>
      option.values.map((value) => [value.id, { name: value.name, option: option.id }] as const),
    ),
  );
  return {
    bands: house.bands,
    currency: { code: house.currency, locale: house.locale },
    timeZone: house.timeZone,
    labels: [...new Set(house.labels.list.map(({ kind }) => kind))],
    category: (id) => tree.byId(id)?.name,
    product,
    collection: (id) => collections.get(id)?.name,
    brand: (id) => brands.get(id)?.name,
    tag: (tag) => tags.get(tag),
    field: (id) => fields.get(id),
    option: (id) => options.get(id)?.name,
    optionValue: (id) => values.get(id)?.name,
    optionOf: (id) => values.get(id)?.option,
    pictureSize: (id) => sizeOf(house.pictureSizes, id)?.name,
    shelf,
    assortment,
    bay,
    page,
  };
}
