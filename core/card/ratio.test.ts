import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nearestRatio, ratio, RATIOS, ratioValue, readRatio, SLIDE_RATIOS } from './ratio.ts';

const { schema } = ratio(RATIOS);

describe('a ratio that is typed', () => {
  it.each([
    ['4:5', '4:5'],
    ['16 / 9', '16:9'],
    ['3 x 2', '3:2'],
    ['16 to 9', '16:9'],
    ['1.5', '1.5:1'],
    ['1,91', '1.91:1'],
    [' 5 : 4 ', '5:4'],
    ['1920×1080', '1920:1080'],
  ])('%s is %s', (typed, stored) => expect(readRatio(typed)).toBe(stored));

  it.each(['', 'wide', '4:', ':5', '0:5', '4:0', '1:9', '9:1', '-4:5', '4:5:6', '1e3', '99999:1', '4:5px'])(
    '"%s" is none',
    (typed) => expect(readRatio(typed)).toBeNull(),
  );

  it('is one that can be stored, or none, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 15 }),
          fc.stringMatching(/^[0-9]{1,5}[.,]?[0-9]{0,3}\s?[:/x]?\s?[0-9]{0,5}$/),
        ),
        (typed) => {
          const read = readRatio(typed);
          if (read !== null) expect(schema.isValidSync(read, { strict: true })).toBe(true);
        },
      ),
    );
  });
});

describe('a stored ratio', () => {
  it.each(['4/5', '1:9', '0:0', '5', 'x:y', '4:5;}body{display:none', ''])('is not "%s"', (value) =>
    expect(schema.isValidSync(value, { strict: true })).toBe(false),
  );

  it('is each of those offered', () => {
    for (const one of SLIDE_RATIOS) expect(schema.isValidSync(one, { strict: true })).toBe(true);
  });
});

describe('the ratio nearest to one that was dragged', () => {
  const value = fc.double({ min: 0.001, max: 1000, noNaN: true });

  it('is a usual one of which none is nearer', () => {
    fc.assert(
      fc.property(value, (dragged) => {
        const nearest = nearestRatio(dragged, false);
        const away = (one: string) =>
          Math.abs(Math.log(ratioValue(one) / Math.min(5, Math.max(0.2, dragged))));
        for (const one of SLIDE_RATIOS) expect(away(nearest)).toBeLessThanOrEqual(away(one) + 1e-12);
      }),
    );
    expect(nearestRatio(0.79, false)).toBe('4:5');
  });

  it('is as exact as hundredths where it is to be', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 5, noNaN: true }), (dragged) => {
        const nearest = nearestRatio(dragged, true);
        expect(schema.isValidSync(nearest, { strict: true })).toBe(true);
        expect(Math.abs(ratioValue(nearest) - dragged)).toBeLessThanOrEqual(0.005 + 1e-9);
      }),
    );
  });
});
