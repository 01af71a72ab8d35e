import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { GoodsRow } from './goods.ts';
import type { GoodsEdit } from './goodsEdit.ts';
import { goodsFacts } from './goodsFacts.ts';
import { rowEdited } from './rowEdited.ts';

const row: GoodsRow = {
  id: 3,
  title: 'Jug',
  code: 'J-1',
  picture: null,
  price: 4200,
  reduced: 3150,
  from: false,
  stock: 4,
  inStock: true,
  only: 30,
  categories: ['Jugs'],
  tags: ['table'],
  rating: null,
  hasShortText: true,
};
const edit = (of: GoodsEdit['of'], part: GoodsEdit['part'], fact: string, is: unknown): GoodsEdit => ({
  product: 3,
  of,
  part,
  fact,
  was: null,
  is,
});

describe('a row of the list once something of its product is set', () => {
  it('shows what was set of the product, and of its only variant', () => {
    expect(rowEdited(row, edit('product', null, 'title', 'Ewer'))).toEqual({ ...row, title: 'Ewer' });
    expect(rowEdited(row, edit('product', null, 'tags', []))).toEqual({ ...row, tags: [] });
    expect(rowEdited(row, edit('product', null, 'shortText', ''))).toEqual({ ...row, hasShortText: false });
    expect(rowEdited(row, edit('variant', 30, 'price', 99))).toEqual({ ...row, price: 99 });
    expect(rowEdited(row, edit('variant', 30, 'reduced', null))).toEqual({ ...row, reduced: null });
    expect(rowEdited(row, edit('variant', 30, 'stock', 0))).toEqual({ ...row, stock: 0, inStock: false });
    expect(rowEdited(row, edit('variant', 30, 'stock', null))).toEqual({
      ...row,
      stock: null,
      inStock: true,
    });
  });

  it('stays the same where that is another product, one variant of several, or not in the list', () => {
    const several = { ...row, only: null };
    expect(rowEdited(row, { ...edit('product', null, 'title', 'Ewer'), product: 4 })).toBe(row);
    expect(rowEdited(several, edit('variant', 30, 'price', 99))).toBe(several);
    expect(rowEdited(row, edit('variant', 31, 'price', 99))).toBe(row);
    expect(rowEdited(row, edit('field', 'weight', 'value', 3))).toBe(row);
    expect(rowEdited(row, edit('product', null, 'constructor', 1))).toBe(row);
  });

  it('is put back by the edit turned round, whatever was set', () => {
    const of = fc.constantFrom(
      ...goodsFacts.filter((fact) => ['title', 'code', 'price', 'reduced'].includes(fact.id)),
    );
    fc.assert(
      fc.property(of, fc.integer({ min: 1, max: 9_999 }), (fact, number) => {
        const id = fact.id as 'title' | 'code' | 'price' | 'reduced';
        const is = typeof row[id] === 'string' ? `Jug ${number}` : number;
        const done = edit(fact.of, fact.of === 'variant' ? 30 : null, id, is);
        const isOf = fact.of === 'product' ? ['title', 'code'].includes(id) : id !== 'code';
        const after = rowEdited(row, done);
        if (isOf) expect(after[id]).toBe(is);
        expect(rowEdited(after, { ...done, was: is, is: row[id] })).toEqual(row);
      }),
    );
  });
});
