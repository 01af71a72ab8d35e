import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { categoryTree } from '../../catalogue/categoryTree.ts';
import type { CategoryFacts, CollectionFacts, EntryFacts, PictureFacts } from '../../catalogue/facts.ts';
import { newAssortment } from '../assortment.ts';
import { dependsOf } from '../depends.ts';
import { fallbackChain, fallbackCycle } from '../fallback.ts';
import { evaluateCategories, type CategoryAssortment } from './categories.ts';
import { evaluateCollections } from './collections.ts';
import { evaluateEntries } from './entries.ts';

const picture = { id: 'a' } as PictureFacts;

const category = (id: number, parentId: number | null, more: Partial<CategoryFacts> = {}): CategoryFacts => ({
  id,
  parentId,
  slug: `c${id}`,
  name: `Category ${String.fromCharCode(74 - id)}`,
  description: '',
  picture,
  catchAll: false,
  extraLine: '',
  position: id,
  products: 10 - id,
  createdAt: id * 1000,
  ...more,
});

/** Two parents with two children each, one grandchild; one is empty, one bare, one the catch-all. */
const tree = categoryTree([
  category(1, null),
  category(2, null),
  category(3, 1),
  category(4, 1, { products: 0 }),
  category(5, 2, { picture: null }),
  category(6, 2),
  category(7, 3),
  category(8, null, { catchAll: true }),
]);

const wanted = (more: Partial<CategoryAssortment>): CategoryAssortment => ({
  ...newAssortment('categories'),
  without: { empty: false, pictureless: false, catchAll: false, levels: [] },
  ...more,
});
const ids = (more: Partial<CategoryAssortment>) =>
  evaluateCategories(wanted(more), tree).kept.map(({ id }) => id);

describe('an assortment of categories', () => {
  it('takes the main ones, the children of one, all, or named ones from any level', () => {
    expect(ids({ choose: { from: 'roots' } })).toEqual([1, 2, 8]);
    expect(ids({ choose: { from: 'children', id: 2 } })).toEqual([5, 6]);
    expect(ids({ choose: { from: 'around' } })).toEqual([1, 2, 8]);
    const around = (id: number) =>
      evaluateCategories(wanted({ choose: { from: 'around' } }), tree, { of: 'category', id }).kept.map(
        (one) => one.id,
      );
    expect(around(2)).toEqual([5, 6]);
    expect(around(999)).toEqual([]);
    expect(ids({ choose: { from: 'all' } })).toEqual([1, 3, 7, 4, 2, 5, 6, 8]);
    expect(ids({ choose: { from: 'named', ids: [7, 99, 2, 7] }, order: { by: 'asNamed' } })).toEqual([7, 2]);
  });

  it('leaves levels out, the empty, the bare and the catch-all, and says why', () => {
    const { kept, leftOut } = evaluateCategories(
      wanted({
        choose: { from: 'all' },
        without: { empty: true, pictureless: true, catchAll: true, levels: [2] },
        limit: 3,
      }),
      tree,
    );
    expect(kept.map(({ id }) => id)).toEqual([1, 3, 2]);
    expect(leftOut.map(({ category: one, reason }) => [one.id, reason])).toEqual([
      [7, 'level'],
      [4, 'empty'],
      [5, 'pictureless'],
      [8, 'catchAll'],
      [6, 'limit'],
    ]);
  });

  it('orders by name, fullness and age', () => {
    expect(ids({ order: { by: 'name' } })).toEqual([8, 2, 1]);
    expect(ids({ order: { by: 'count' } })).toEqual([1, 2, 8]);
    expect(ids({ order: { by: 'newest' } })).toEqual([8, 2, 1]);
  });

  it('stands children after their own parent when grouped, each once', () => {
    expect(ids({ grouped: true })).toEqual([1, 3, 4, 2, 5, 6, 8]);
    expect(ids({ grouped: true, choose: { from: 'all' }, order: { by: 'name' } })).toEqual([
      8, 2, 6, 5, 1, 4, 3, 7,
    ]);
    fc.assert(
      fc.property(
        fc.boolean(),
        fc.constantFrom('own' as const, 'name' as const, 'count' as const, 'newest' as const),
        fc.subarray([0, 1, 2]),
        (grouped, by, levels) => {
          const found = ids({
            choose: { from: 'all' },
            grouped,
            order: { by },
            without: { empty: false, pictureless: false, catchAll: false, levels },
          });
          expect(new Set(found).size).toBe(found.length);
          expect([...found].sort()).toEqual(
            tree.all.filter(({ id }) => !levels.includes(tree.depth(id))).map(({ id }) => id),
          );
        },
      ),
    );
  });
});

describe('an assortment of collections or entries', () => {
  const collections = [3, 1, 2].map((id): CollectionFacts => ({
    id,
    slug: `k${id}`,
    name: `Collection ${4 - id}`,
    byRule: false,
    description: '',
    picture: id === 2 ? null : picture,
    position: id,
    products: id === 3 ? 0 : id,
  }));
  const entries = [1, 2, 3].map((id): EntryFacts => ({
    id,
    slug: `e${id}`,
    title: `Entry ${id}`,
    summary: '',
    picture,
    publishedAt: id * 100,
    author: '',
    tags: id === 2 ? ['kiln'] : ['clay'],
  }));

  it('takes all or named ones, without those left out', () => {
    const all = { ...newAssortment('collections'), without: { empty: false, pictureless: false } };
    expect(evaluateCollections(all, collections).map(({ id }) => id)).toEqual([1, 2, 3]);
    expect(evaluateCollections(newAssortment('collections'), collections).map(({ id }) => id)).toEqual([
      1, 2,
    ]);
    expect(evaluateCollections({ ...all, order: { by: 'name' } }, collections).map(({ id }) => id)).toEqual([
      3, 2, 1,
    ]);
    const named = { ...all, ids: [2, 9, 1], order: { by: 'asNamed' as const } };
    expect(evaluateCollections(named, collections).map(({ id }) => id)).toEqual([2, 1]);
  });

  it('holds entries back until they are out, and takes those with a tag', () => {
    const all = newAssortment('entries');
    expect(evaluateEntries(all, entries, 250).map(({ id }) => id)).toEqual([2, 1]);
    expect(evaluateEntries({ ...all, tags: ['clay'] }, entries, 999).map(({ id }) => id)).toEqual([3, 1]);
    expect(
      evaluateEntries({ ...all, order: { by: 'oldest' }, limit: 2 }, entries, 999).map(({ id }) => id),
    ).toEqual([1, 2]);
  });
});

describe('fallbacks', () => {
  const saved = (from: string | null) => ({
    ...newAssortment('products'),
    fallback: from === null ? null : { fewerThan: 3, then: 'topUp' as const, from },
  });

  it('follow one another, and a chain that returns to itself ends', () => {
    const all = { a: saved('b'), b: saved('c'), c: saved(null), d: saved('e'), e: saved('d') };
    const find = (id: string) => all[id as keyof typeof all];
    expect(fallbackChain(all.a, find)).toEqual([all.b, all.c]);
    expect(fallbackChain(all.d, find)).toEqual([all.e]);
    expect(fallbackChain(saved('gone'), find)).toEqual([]);
  });

  it('that return are told with the whole way round', () => {
    const next: Record<string, string | null> = { a: 'b', b: 'c', c: 'b', d: null };
    expect(fallbackCycle('b', (id) => next[id]!)).toEqual(['b', 'c', 'b']);
    expect(fallbackCycle('a', (id) => next[id]!)).toBeNull();
    expect(fallbackCycle('d', (id) => next[id]!)).toBeNull();
  });
});

describe('what an answer depends on', () => {
  it('is the day, the hour, the page or the shopper', () => {
    const products = newAssortment('products');
    expect(dependsOf([products]).changing).toBe('never');
    expect(dependsOf([{ ...products, order: { by: 'bestSold', days: 7 } }]).changing).toBe('daily');
    const hourly = { ...products, order: { by: 'shuffled' as const, anew: 'hourly' as const, seed: 1 } };
    expect(dependsOf([products, hourly]).changing).toBe('hourly');
    const rule = {
      join: 'any' as const,
      parts: [{ join: 'all' as const, parts: [{ is: 'lookedAt' as const }] }],
    };
    expect([...dependsOf([{ ...products, rule }]).reads]).toEqual(['lookedAt']);
  });
});
