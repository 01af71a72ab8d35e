import { describe, expect, it } from 'vitest';
import { categoryTree } from '../catalogue/categoryTree.ts';
import { clauseKind, clauseKinds, type Clause } from './clauses/index.ts';
import { groupHolds as holds } from './holds.ts';
import { LOOKED_AT, type Around, type LookedAt, type ProductRecord, type World } from './kinds.ts';
import { orderKinds } from './orders/index.ts';

const record = (id: number, more: Partial<ProductRecord> = {}): ProductRecord => ({
  id,
  titleKey: `piece ${id}`,
  code: `KC-${id}`,
  words: ['piece', 'blue'],
  categoryIds: [2],
  collectionIds: [1],
  tags: ['blue', 'thrown'],
  brandId: 1,
  brandKey: 'ada',
  kind: 'single',
  featured: true,
  onSaleFrom: 1_000,
  price: 1_000,
  reduced: 800,
  inStock: true,
  stock: 2,
  ratingSum: 9,
  ratingCount: 2,
  fields: { height: 12, glaze: 'ash', safe: true },
  optionValueIds: [1, 2],
  position: 3,
  soldByDay: new Map([[10, 4]]),
  viewedByDay: new Map([[10, 40]]),
  lastSoldAt: 5_000,
  orders: 3,
  boughtWith: new Map([[7, 2]]),
  ...more,
});

const category = (id: number, parentId: number | null) => ({
  id,
  parentId,
  slug: `c${id}`,
  name: `C${id}`,
  description: '',
  catchAll: false,
  extraLine: '',
  position: id,
  createdAt: 0,
  picture: null,
  products: 1,
});

const world = (around: Around): World => ({
  now: 10 * 86_400_000,
  today: 10,
  timeZone: 'UTC',
  newForDays: 30,
  tree: categoryTree([category(1, null), category(2, 1), category(3, 1)]),
  around,
  lookedAt: [1, 2],
  product: record(7, { boughtWith: new Map([[1, 2]]) }),
  meanRating: 4_000_000,
  orders: 20,
  collectionRules: new Map([[2, { join: 'all', parts: [{ is: 'featured' }] }]]),
});

/** A record that notes what is looked at, answering so that nothing is passed over too early. */
function noting(of: ProductRecord): { record: ProductRecord; seen: Set<string> } {
  const seen = new Set<string>();
  return {
    seen,
    record: new Proxy(of, {
      get(target, name) {
        if (name !== 'id') seen.add(String(name));
        return target[name as keyof ProductRecord];
      },
    }),
  };
}

const arounds: Around[] = [
  null,
  { of: 'category', id: 1 },
  { of: 'collection', id: 1 },
  { of: 'collection', id: 2 },
  { of: 'search', words: 'blue', ids: [2, 1] },
];

/** Several of a kind, so that each of its ways is gone. */
const clausesOf = (id: string): Clause[] => {
  const first = clauseKind(id).atFirst();
  const more: Record<string, object[]> = {
    category: [
      { ids: [1], below: true },
      { ids: [2], below: false },
    ],
    collection: [{ ids: [1] }, { ids: [2] }],
    tag: [{ tags: ['blue'] }],
    brand: [{ ids: [1] }],
    stock: [{ state: 'in' }, { state: 'out' }, { state: 'atMost', most: 3 }],
    field: [
      { field: 'height', compare: 'atLeast', value: 3 },
      { field: 'glaze', compare: 'is', value: 'ash' },
    ],
    option: [{ option: 1, values: [1] }],
    words: [{ words: 'blue' }],
    named: [{ ids: [1, 2] }],
  };
  return [first, ...(more[id] ?? []).map((one) => ({ ...first, ...one }))];
};

const lookedAtBy = (id: string, around: Around): readonly LookedAt[] => {
  const { looksAt } = clauseKind(id);
  return typeof looksAt === 'function' ? looksAt(around) : looksAt;
};

describe('what a clause says that it looks at', () => {
  it.each(clauseKinds.map(({ id }) => id))('%s: is all that it does', (id) => {
    for (const around of arounds) {
      for (const clause of clausesOf(id))
        for (const of of [
          record(1),
          record(1, { inStock: false, reduced: null, stock: null, ratingCount: 0 }),
        ]) {
          const { record: noted, seen } = noting(of);
          holds({ join: 'all', parts: [clause] }, noted, world(around));
          expect(lookedAtBy(id, around), `${JSON.stringify(clause)} ${JSON.stringify(around)}`).toEqual(
            expect.arrayContaining([...seen]),
          );
        }
    }
  });

  it('is looked at, one way or another: nothing is named in vain', () => {
    for (const { id } of clauseKinds.filter((kind) => !['collection', 'around'].includes(kind.id))) {
      const seen = new Set<string>();
      for (const clause of clausesOf(id)) {
        const noted = noting(record(1, { reduced: null }));
        holds({ join: 'all', parts: [clause] }, noted.record, world(null));
        for (const one of noted.seen) seen.add(one);
      }
      for (const one of lookedAtBy(id, null)) expect([...seen], id).toContain(one);
    }
  });
});

describe('what an order says that it is made from', () => {
  it.each(orderKinds.map(({ id }) => id))(
    '%s: is all that it looks at, and nothing is named in vain',
    (id) => {
      const kind = orderKinds.find((one) => one.id === id)!;
      const seen = new Set<string>();
      for (const of of [record(1), record(1, { reduced: null })]) {
        const noted = noting(of);
        kind.key(kind.atFirst(), noted.record, world(null));
        for (const one of noted.seen) seen.add(one);
      }
      expect([...seen].sort()).toEqual([...kind.looksAt].sort());
    },
  );
});

it('names only what there is of a product', () => {
  expect(LOOKED_AT.filter((name) => !(name in record(1)))).toEqual([]);
});
