/** Everything that an assortment can be of. */
export const OFS = ['products', 'categories', 'collections', 'entries', 'pictures'] as const;
export type Of = (typeof OFS)[number];

/** What an assortment is of, in words. */
export const ofWords: Record<Of, { one: string; many: string }> = {
  products: { one: 'product', many: 'products' },
  categories: { one: 'category', many: 'categories' },
  collections: { one: 'collection', many: 'collections' },
  entries: { one: 'journal entry', many: 'journal entries' },
  pictures: { one: 'picture', many: 'pictures' },
};
