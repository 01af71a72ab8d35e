import { readEntry } from '../../catalogue/groupRows.ts';
import type { AboutReader } from './aboutReader.ts';

export const aboutEntry: AboutReader = {
  read: async (slug, { db, now }) => {
    const entry = await readEntry(db, slug, now);
    return entry ? { entry } : null;
  },
  example: async ({ facts, now }) =>
    facts.entries.find(({ publishedAt }) => publishedAt <= now)?.slug ?? null,
  slugOf: (id, { facts, now }) =>
    Promise.resolve(facts.entries.find((one) => one.id === id && one.publishedAt <= now)?.slug ?? null),
  slugs: ({ facts, now }) =>
    Promise.resolve(facts.entries.flatMap(({ publishedAt, slug }) => (publishedAt <= now ? slug : []))),
};
