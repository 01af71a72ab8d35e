import { describe, expect, it } from 'vitest';
import { specimenPlan, specimenShelf } from '../specimen/specimen.ts';
import { denser } from './denser.ts';

const shelf = specimenPlan([
  specimenShelf('a', {
    columns: { count: { phone: 2, tablet: 3, wide: 24 }, smallest: { phone: 220 } },
    gap: { column: { phone: 15 }, row: { phone: 40 } },
  }),
]).shelves.a!;

describe('a dense shelf', () => {
  it('has half as many again side by side, closer together, and never more than there can be', () => {
    const dense = denser(shelf);
    expect(dense.columns.count).toMatchObject({ phone: 3, tablet: 5, wide: 24 });
    expect(dense.columns.smallest.phone).toBe(146);
    expect(dense.gap.column.phone).toBe(8);
    expect(dense.gap.row.phone).toBe(20);
    expect(dense.card).toBe(shelf.card);
  });

  it('is the same object while the shelf is, so that what was made of it is kept', () => {
    expect(denser(shelf)).toBe(denser(shelf));
    expect(denser({ ...shelf })).not.toBe(denser(shelf));
  });
});
