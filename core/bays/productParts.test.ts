import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ValidationError } from 'yup';
import {
  firstParts,
  partRows,
  PRODUCT_PARTS,
  productPartsSchema,
  type ProductPart,
  type ProductPartId,
} from './productParts.ts';

const ids = Object.keys(PRODUCT_PARTS) as ProductPartId[];
const parts = fc
  .tuple(fc.shuffledSubarray(ids), fc.array(fc.boolean(), { minLength: ids.length, maxLength: ids.length }))
  .map(([some, beside]): ProductPart[] => some.map((id, i) => (beside[i] ? { id, beside: true } : { id })));

describe('rows of parts', () => {
  it('have each part that there is something of, once, in order, and none that is empty', () => {
    fc.assert(
      fc.property(parts, fc.subarray(ids), (list, there) => {
        const rows = partRows(list, (id) => there.includes(id));
        expect(rows.flat()).toEqual(list.map(({ id }) => id).filter((id) => there.includes(id)));
        expect(rows.every((row) => row.length > 0)).toBe(true);
      }),
    );
  });

  it('begin with each part that is not beside another, and with no other while all are there', () => {
    fc.assert(
      fc.property(parts, (list) => {
        const begins = list.filter(({ beside }, i) => i === 0 || !beside).map(({ id }) => id);
        expect(partRows(list, () => true).map(([first]) => first)).toEqual(begins);
      }),
    );
  });

  it('never join parts that stand in rows of their own, whatever is missing between them', () => {
    fc.assert(
      fc.property(parts, fc.subarray(ids), (list, there) => {
        const all = partRows(list, () => true);
        for (const row of partRows(list, (id) => there.includes(id)))
          expect(all.some((whole) => row.every((id) => whole.includes(id)))).toBe(true);
      }),
    );
  });
});

describe('the parts of a product', () => {
  const said = (list: unknown) => {
    try {
      productPartsSchema.validateSync(list, { strict: true });
      return null;
    } catch (error) {
      return (error as ValidationError).message;
    }
  };

  it('keep the title, each at most once, and are parts that there are', () => {
    expect(said(firstParts)).toBeNull();
    expect(said(firstParts.filter(({ id }) => id !== 'title'))).toBe(
      'The title heads the page, so that it stays.',
    );
    expect(said([...firstParts, { id: 'price' }])).toBe('A part of the product is there twice.');
    expect(said([...firstParts, { id: 'basket' }])).toContain('no such part');
    for (const wrong of [
      null,
      'title',
      [null],
      [{ id: 'title' }, null],
      [{}],
      [{ id: 'title', above: true }],
    ])
      expect(said(wrong), JSON.stringify(wrong)).not.toBeNull();
  });
});
