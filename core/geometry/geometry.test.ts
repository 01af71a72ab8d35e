import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bandAt, type Bands } from '../bands/bands.ts';
import { fullCounts, leastCommonMultiple } from './fullCounts.ts';
import { acrossBySmallest, cardWidth, rowsOf } from './rows.ts';
import { bandSteps, innerWidth, stepAt, type Across, type Room } from './steps.ts';
import type { Varying } from '../bands/varying.ts';

const bands: Bands = [
  { id: 'phone', name: 'Phone', from: 0, nominal: { width: 375, height: 720 } },
  { id: 'tablet', name: 'Tablet', from: 560, nominal: { width: 800, height: 1080 } },
  { id: 'laptop', name: 'Laptop', from: 880, nominal: { width: 1180, height: 740 } },
  { id: 'wide', name: 'Wide', from: 1240, nominal: { width: 1440, height: 860 } },
];

const stepsOf = (across: Across, gap: Varying<number>, room: Room) =>
  bands.flatMap((band) =>
    bandSteps(across, gap, room, bands, band).map((step) => ({ ...step, bandId: band.id })),
  );

describe('rows', () => {
  it('follow the worked example: 1120 wide, gap 24, 4 across, 10 items', () => {
    expect(cardWidth(1120, 4, 24)).toBe(262);
    expect(rowsOf(10, 4)).toEqual({ rows: 3, last: 2, full: false });
    expect(rowsOf(0, 4)).toEqual({ rows: 0, last: 0, full: true });
  });

  it('cards and gaps make up the width, to within 0.01', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 64 }),
        fc.integer({ min: 900, max: 2560 }),
        (c, g, w) => {
          expect(c * cardWidth(w, c, g) + (c - 1) * g).toBeCloseTo(w, 2);
        },
      ),
    );
  });

  it('the smallest width is kept unless only one stands in the row', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 2560 }),
        fc.integer({ min: 60, max: 600 }),
        fc.integer({ min: 0, max: 64 }),
        (w, m, g) => {
          const c = acrossBySmallest(w, m, g);
          if (c > 1) expect(cardWidth(w, c, g)).toBeGreaterThanOrEqual(m);
          expect(cardWidth(w, c + 1, g)).toBeLessThan(m);
        },
      ),
    );
  });
});

describe('steps', () => {
  const rooms = fc.record({
    marginPx: fc.integer({ min: 0, max: 60 }).map((phone) => ({ phone })),
    takenPx: fc
      .oneof(fc.constant(0), fc.integer({ min: 0, max: 500 }))
      .map((phone) => ({ phone: 0, laptop: phone })),
    mostPx: fc.option(fc.integer({ min: 600, max: 1600 }), { nil: null }).map((phone) => ({ phone })),
  });

  it('cover every width once, agree with the formula, and never give fewer for more width within a band', () => {
    fc.assert(
      fc.property(
        rooms,
        fc.integer({ min: 80, max: 500 }),
        fc.integer({ min: 0, max: 48 }),
        (room: Room, smallest, gap) => {
          const steps = stepsOf(
            { by: 'width', count: { phone: 2 }, smallest: { phone: smallest } },
            { phone: gap },
            room,
          );
          expect(steps[0]!.from).toBe(0);
          steps.slice(1).forEach((step, i) => expect(step.from).toBe(steps[i]!.to));
          for (let width = 280; width <= 2560; width += 7) {
            const step = stepAt(steps, width);
            const band = bandAt(bands, width);
            expect(step.bandId).toBe(band.id);
            expect(step.across).toBe(
              Math.min(24, acrossBySmallest(innerWidth(room, bands, band.id, width), smallest, gap)),
            );
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('one a band where a count is given, with inheritance', () => {
    const steps = stepsOf(
      { by: 'count', count: { phone: 2, laptop: 4 }, smallest: { phone: 200 } },
      { phone: 16 },
      { marginPx: { phone: 16 }, takenPx: { phone: 0 }, mostPx: { phone: 1120 } },
    );
    expect(steps.map((step) => step.across)).toEqual([2, 2, 4, 4]);
  });
});

describe('numbers that fill every row', () => {
  it('follow the worked examples', () => {
    const ten = fullCounts([2, 3, 4, 4], 10);
    expect(ten.leftovers.map(({ leftover }) => leftover)).toEqual([0, 1, 2, 2]);
    expect(ten.offers).toEqual([12]);
    const far = fullCounts([2, 3, 5], 10);
    expect(far.offers).toEqual([]);
    expect(far.rowsInstead).toEqual([5, 3, 2]);
    expect(fullCounts([2, 3, 4], 24).offers).toEqual([24]);
  });

  it('every offer fills all rows and lies within twice what was asked', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 100 }),
        (acrosses, near) => {
          const { offers, full } = fullCounts(acrosses, near);
          expect(full).toBe(near % leastCommonMultiple(acrosses) === 0);
          for (const offer of offers) {
            expect(acrosses.every((across) => rowsOf(offer, across).full)).toBe(true);
            expect(offer).toBeGreaterThan(0);
            expect(offer).toBeLessThanOrEqual(2 * near);
          }
        },
      ),
    );
  });
});
