import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { firstBands } from '../../../core/plan/firstBands.ts';
import { cords, frameLefts, GAP, inSight, LEAST_SCALE, tagsIn } from './room.ts';
import { freeStand, standsOf, type Stand } from './stands.ts';

const all = { away: new Set<string>(), turned: new Set<string>(), freePx: null };
const stands = standsOf(firstBands, all);
const [phone, tablet, laptop, wide] = stands.map(({ id }) => id);
const ids = (list: readonly Stand[]) => list.map(({ id }) => id);

describe('the frames that are in sight', () => {
  it('are the narrowest, the widest and what fits between them, beside a window of 1280', () => {
    const { shown, scale } = inSight(stands, 780, []);
    expect(ids(shown)).toEqual([phone, tablet, wide]);
    expect(scale).toBeGreaterThanOrEqual(LEAST_SCALE);
  });

  it('are all of them beside a window of 1920, in one scale', () => {
    const { shown, scale, tapeScale } = inSight(stands, 1_420, []);
    expect(ids(shown)).toEqual(ids(stands));
    expect(scale).toBeGreaterThanOrEqual(LEAST_SCALE);
    expect(scale).toBeLessThanOrEqual(Math.max(0.5, tapeScale));
  });

  it('are the one that was asked for and what fits beside it', () => {
    expect(ids(inSight(stands, 780, [laptop!]).shown)).toContain(laptop);
    expect(ids(inSight(stands, 780, [tablet!, laptop!]).shown)).toEqual([phone, tablet, laptop]);
  });

  it('stay while the width of the free one is moved, and hold it first', () => {
    const beside = (px: number) => ids(inSight([...stands, freeStand(firstBands, px)], 780, []).shown);
    for (let px = 280; px <= 1_300; px += 60) expect(beside(px)).toEqual(beside(280));
    expect(beside(280)).toContain('free');
    expect(beside(2_560)).toContain('free');
  });

  const any = fc.record({
    widths: fc.uniqueArray(fc.integer({ min: 280, max: 2_560 }), { minLength: 1, maxLength: 7 }),
    roomPx: fc.integer({ min: 200, max: 2_500 }),
    asked: fc.array(fc.integer({ min: 0, max: 6 }), { maxLength: 3 }),
  });
  const made = (widths: readonly number[]): Stand[] =>
    [...widths]
      .sort((a, b) => a - b)
      .map((width) => ({ id: `w${width}`, bandId: 'x', name: `Width ${width}`, width, height: 800 }));
  const sightOf = ({ widths, roomPx, asked }: { widths: number[]; roomPx: number; asked: number[] }) => {
    const list = made(widths);
    const wanted = asked.flatMap((i) => list[i]?.id ?? []);
    return { list, roomPx, sight: inSight(list, roomPx, wanted) };
  };

  it('are whole, never smaller than can be read unless it is one alone, and at least one', () => {
    fc.assert(
      fc.property(any, (given) => {
        const { list, sight, roomPx } = sightOf(given);
        expect(sight.shown.length).toBeGreaterThan(0);
        const last = sight.shown.at(-1)!;
        const right = frameLefts(sight).get(last.id)! + last.width * sight.scale;
        if (sight.scale > 0.05) expect(right).toBeLessThanOrEqual(roomPx + 0.5);
        if (sight.shown.length > 1) expect(sight.scale).toBeGreaterThanOrEqual(LEAST_SCALE);
        // Nothing more would fit.
        const sum = (some: readonly Stand[]) => some.reduce((a, { width }) => a + width, 0);
        for (const other of list.filter((one) => !sight.shown.includes(one)))
          expect((roomPx - GAP * sight.shown.length) / (sum(sight.shown) + other.width)).toBeLessThan(
            LEAST_SCALE,
          );
      }),
    );
  });

  it('have tags of which none is over another, in the order of their widths', () => {
    fc.assert(
      fc.property(any, (given) => {
        const { list, sight, roomPx } = sightOf(given);
        const tags = tagsIn(list, sight, roomPx, ({ name }) => [`${name}, 4 columns of it`, name, '·']);
        expect(ids(tags.map(({ stand }) => stand))).toEqual(ids(list));
        const least = tags.reduce((sum, { words }) => sum + words.length * 6.4 + 32, 0);
        if (least > roomPx) return;
        for (const [i, { left, words }] of tags.entries()) {
          expect(left).toBeGreaterThanOrEqual(0);
          expect(left + words.length * 6.4 + 26).toBeLessThanOrEqual((tags[i + 1]?.left ?? roomPx) + 0.01);
        }
      }),
    );
  });
});

describe('cords', () => {
  it('stay between the tape and the tags, and begin and end where they should', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ from: fc.integer({ min: 0, max: 1_000 }), to: fc.integer({ min: 0, max: 1_000 }) }),
          {
            maxLength: 5,
          },
        ),
        (ends) => {
          cords(ends, 58, 76).forEach((path, i) => {
            const { from, to } = ends[i]!;
            expect(path.startsWith(`M${from} 58`)).toBe(true);
            expect(path.endsWith('V76')).toBe(true);
            const along = /V([\d.]+)q0/.exec(path);
            if (Math.abs(from - to) >= 1) {
              expect(Number(along![1])).toBeGreaterThan(58);
              expect(Number(along![1]) + 4).toBeLessThan(76);
            }
          });
        },
      ),
    );
  });

  it('run along different heights where they would run on each other', () => {
    const heights = cords(
      [
        { from: 400, to: 10 },
        { from: 300, to: 100 },
        { from: 600, to: 700 },
      ],
      58,
      76,
    ).map((path) => Number(/V([\d.]+)q/.exec(path)![1]));
    expect(heights[0]).not.toBe(heights[1]);
    expect(heights[2]).toBe(heights[0]);
  });
});
