import type { AboutReader } from './aboutReader.ts';

export const aboutCollection: AboutReader = {
  read: async (slug, { facts }) => {
    const collection = facts.collections.find((one) => one.slug === slug);
    return collection ? { collection } : null;
  },
  example: async ({ facts }) => facts.collections[0]?.slug ?? null,
  slugOf: (id, { facts }) => Promise.resolve(facts.collections.find((one) => one.id === id)?.slug ?? null),
  slugs: ({ facts }) => Promise.resolve(facts.collections.map(({ slug }) => slug)),
};
