import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Goods } from './goods.ts';
import { edited, goodsEditSchema, goodsFault, isStill, type GoodsEdit } from './goodsEdit.ts';
import { undoneEdits } from '../facts/factEdit.ts';
import { PERCENT, putInto, repriced, stocked, tagged, takenOut } from './goodsMany.ts';

const variant = fc
  .record({
    id: fc.integer({ min: 1, max: 10_000 }),
    choice: fc.constant(''),
    code: fc.constant(''),
    price: fc.integer({ min: 0, max: 1_000_000 }),
    share: fc.option(fc.double({ min: 0.01, max: 0.99, noNaN: true })),
    stock: fc.constant(null),
    pictureId: fc.constant(null),
    values: fc.constant([]),
  })
  .map(({ share, ...one }) => {
    const reduced = share === null ? 0 : Math.floor(one.price * share);
    return { ...one, reduced: reduced > 0 ? reduced : null };
  });
const goods: fc.Arbitrary<Goods[]> = fc.uniqueArray(
  fc.record({
    id: fc.integer({ min: 1, max: 1_000 }),
    slug: fc.constant('x'),
    title: fc.constant('Dish'),
    code: fc.constant(''),
    shortText: fc.constant(''),
    longText: fc.constant(''),
    brandId: fc.constant(null),
    featured: fc.constant(false),
    categoryIds: fc.constantFrom<number[]>([], [2], [1, 3]),
    collectionIds: fc.constantFrom<number[]>([], [4], [2, 4]),
    tags: fc.constantFrom<string[]>([], ['b'], ['a', 'c']),
    fields: fc.constant({}),
    variants: fc.uniqueArray(variant, { minLength: 1, maxLength: 3, selector: ({ id }) => id }),
    pictureIds: fc.constant([]),
  }),
  { maxLength: 6, selector: ({ id }) => id },
);

const after = (all: readonly Goods[], edits: readonly GoodsEdit[]): Goods[] =>
  all.map((one) => edits.filter(({ product }) => product === one.id).reduce(edited, one));

describe('products changed together', () => {
  it('keep to what holds for each, are what they go by, and are taken back', () => {
    const percent = fc.integer({ min: PERCENT.least, max: PERCENT.most });
    fc.assert(
      fc.property(goods, percent, (all, by) => {
        for (const edits of [
          repriced(all, by),
          tagged(all, 'b'),
          putInto(all, 'categoryIds', 2),
          takenOut(all, 'collectionIds', 4),
          stocked(all, 7),
        ]) {
          for (const edit of edits) {
            expect(() => goodsEditSchema.validateSync(edit, { strict: true })).not.toThrow();
            expect(
              isStill(
                all.find(({ id }) => id === edit.product)!,
                edit,
              ),
            ).toBe(true);
          }
          const next = after(all, edits);
          for (const one of next) expect(goodsFault(one)).toBeNull();
          expect(after(next, undoneEdits(edits))).toEqual(all);
        }
      }),
    );
  });

  it('have the tag and the category once', () => {
    fc.assert(
      fc.property(goods, (all) => {
        for (const { tags } of after(all, tagged(all, 'b'))) {
          expect(tags.filter((tag) => tag === 'b')).toHaveLength(1);
        }
        for (const { categoryIds } of after(all, putInto(all, 'categoryIds', 2)))
          expect(categoryIds.filter((id) => id === 2)).toHaveLength(1);
        for (const { collectionIds } of after(all, takenOut(all, 'collectionIds', 4)))
          expect(collectionIds).not.toContain(4);
        // What is so already is no edit.
        expect(tagged(after(all, tagged(all, 'b')), 'b')).toEqual([]);
      }),
    );
  });

  it('cost what the percentage makes of it, to the nearest unit', () => {
    const dish = (price: number, reduced: number | null): Goods[] => [
      {
        id: 1,
        title: 'Dish',
        variants: [{ id: 9, choice: '', code: '', price, reduced, stock: 1 }],
      } as unknown as Goods,
    ];
    const priced = (price: number, reduced: number | null, by: number) =>
      repriced(dish(price, reduced), by).map(({ fact, is }) => [fact, is]);
    expect(priced(4200, 3150, 10)).toEqual([
      ['price', 4620],
      ['reduced', 3465],
    ]);
    expect(priced(999, null, 5)).toEqual([['price', 1049]]);
    expect(priced(4200, 3150, 0)).toEqual([]);
    // So near to it that nothing is left of the reduction.
    expect(priced(3, 2, -50)).toEqual([
      ['price', 2],
      ['reduced', 1],
    ]);
    expect(priced(2, 1, -50)).toEqual([
      ['price', 1],
      ['reduced', null],
    ]);
  });
});
