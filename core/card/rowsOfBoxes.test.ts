import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rowsOfBoxes } from './rowsOfBoxes.ts';

const boxes = fc.array(
  fc.record({ widthPx: fc.integer({ min: 1, max: 400 }), heightPx: fc.integer({ min: 1, max: 60 }) }),
  {
    maxLength: 20,
  },
);
const gap = fc.integer({ min: 0, max: 20 });

describe('rows of boxes', () => {
  it('are as high as the highest in each', () => {
    const [low, high] = [
      { widthPx: 40, heightPx: 24 },
      { widthPx: 40, heightPx: 36 },
    ];
    expect(rowsOfBoxes([low, high, low], 10, 90)).toEqual([36, 24]);
    expect(rowsOfBoxes([low, low, high], 10, 90)).toEqual([24, 36]);
    expect(rowsOfBoxes([low, low], 11, 90)).toEqual([24, 24]);
    expect(rowsOfBoxes([{ ...high, widthPx: 500 }, low], 10, 90)).toEqual([36, 24]);
    expect(rowsOfBoxes([], 10, 90)).toEqual([]);
  });

  it('are no more in more room, and one where all fit', () => {
    fc.assert(
      fc.property(
        boxes,
        gap,
        fc.integer({ min: 50, max: 600 }),
        fc.integer({ min: 0, max: 600 }),
        (all, gapPx, px, more) => {
          const rows = rowsOfBoxes(all, gapPx, px);
          expect(rowsOfBoxes(all, gapPx, px + more).length).toBeLessThanOrEqual(rows.length);
          const highest = Math.max(0, ...all.map(({ heightPx }) => heightPx));
          expect(Math.max(0, ...rows)).toBe(highest);
          expect(rows.length).toBeLessThanOrEqual(all.length);
          expect(rowsOfBoxes(all, gapPx, 1e6)).toEqual(all.length > 0 ? [highest] : []);
        },
      ),
    );
  });
});
