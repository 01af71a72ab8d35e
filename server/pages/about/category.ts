import type { AboutReader } from './aboutReader.ts';

export const aboutCategory: AboutReader = {
  read: async (slug, { facts }) => {
    const category = facts.tree.bySlug(slug);
    return category ? { category } : null;
  },
  example: async ({ facts }) =>
    [...facts.tree.roots].sort((a, b) => b.products - a.products)[0]?.slug ?? null,
  slugOf: (id, { facts }) => Promise.resolve(facts.tree.byId(id)?.slug ?? null),
  slugs: ({ facts }) => Promise.resolve(facts.tree.all.map(({ slug }) => slug)),
};
