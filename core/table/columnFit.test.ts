import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { columnWidths, fitColumns, fitWidths, widthAt, type FitColumn } from './columnFit.ts';

const column: fc.Arbitrary<FitColumn> = fc.record({
  share: fc.integer({ min: 0, max: 12 }),
  least: fc.integer({ min: 24, max: 400 }),
  leaves: fc.option(fc.integer({ min: 1, max: 5 }), { nil: undefined }),
});
/** The title never leaves. */
const columns = fc
  .array(column, { maxLength: 11 })
  .map((others): FitColumn[] => [{ share: 4, least: 120 }, ...others]);
const innerPx = fc.integer({ min: 200, max: 2000 });

const leastOf = (all: readonly FitColumn[]) => all.reduce((sum, { least }) => sum + least, 0);

describe('columns of a table', () => {
  it('fill its width to a hundredth of a px, each as wide as its smallest width at least', () => {
    fc.assert(
      fc.property(columns, innerPx, (all, px) => {
        const { stay } = fitColumns(all, px);
        const isNarrow = leastOf(stay) > px;
        const widths = columnWidths(stay, isNarrow).map((one) => widthAt(one, px));
        expect(Math.abs(widths.reduce((sum, one) => sum + one, 0) - px)).toBeLessThanOrEqual(0.01);
        if (!isNarrow)
          stay.forEach(({ least }, i) => expect(widths[i]).toBeGreaterThanOrEqual(least - 0.001));
      }),
      { numRuns: 500 },
    );
  });

  it('take what the smallest widths leave by their weights', () => {
    const widths = columnWidths(
      [
        { share: 0, least: 64 },
        { share: 4, least: 176 },
        { share: 1, least: 60 },
      ],
      false,
    ).map((one) => widthAt(one, 800));
    expect(widths).toEqual([64, 576, 160]);
  });

  it('leave in their order, and only as many as have to; each is there once', () => {
    fc.assert(
      fc.property(columns, innerPx, (all, px) => {
        const { stay, left } = fitColumns(all, px);
        expect([...stay, ...left].sort((a, b) => all.indexOf(a) - all.indexOf(b))).toEqual(all);
        expect(stay).toContain(all[0]);
        const rank = (one: FitColumn) => one.leaves ?? Infinity;
        for (const gone of left) for (const here of stay) expect(rank(gone)).toBeLessThan(rank(here));
        // With the last that left there would be no room, or nothing has left.
        const last = left.filter((one) => rank(one) === Math.max(...left.map(rank)));
        if (left.length > 0) expect(leastOf([...stay, ...last])).toBeGreaterThan(px);
        // What is still too wide has nobody left who may leave.
        if (leastOf(stay) > px) expect(stay.every(({ leaves }) => leaves === undefined)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });

  it('are more the wider it is, and change at the widths that are told', () => {
    fc.assert(
      fc.property(columns, innerPx, (all, px) => {
        const here = fitColumns(all, px).stay.length;
        expect(fitColumns(all, px + 1).stay.length).toBeGreaterThanOrEqual(here);
        const changes = fitColumns(all, px - 1).stay.length !== here;
        if (changes) expect(fitWidths(all)).toContain(px);
      }),
      { numRuns: 500 },
    );
    expect(
      fitWidths([
        { share: 1, least: 100 },
        { share: 1, least: 50, leaves: 2 },
        { share: 1, least: 30, leaves: 1 },
      ]),
    ).toEqual([100, 150, 180]);
  });
});
