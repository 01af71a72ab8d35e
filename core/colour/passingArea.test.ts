import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast } from './contrast.ts';
import { hsbHex, passingArea } from './passingArea.ts';

const anyColour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('the colours of a hue that stand out', () => {
  it('are dark at the foot and pale at the start of the top', () => {
    expect(hsbHex(0, 1, 1)).toBe('#ff0000');
    expect(hsbHex(120, 0, 0.5)).toMatch(/^#(7f7f7f|808080)$/);
    expect(hsbHex(240, 1, 0)).toBe('#000000');
  });

  it('are those at the foot on white, and those at the top on black', () => {
    for (const hue of [0, 60, 210]) {
      const onWhite = passingArea(hue, { grounds: ['#ffffff'], need: 4.5 }, 10, 8);
      expect(onWhite.at(-1)!.every(Boolean), String(hue)).toBe(true);
      expect(onWhite[0]![0]).toBe(false);
      const onBlack = passingArea(hue, { grounds: ['#000000'], need: 4.5 }, 10, 8);
      expect(onBlack.at(-1)!.some(Boolean), String(hue)).toBe(false);
      expect(onBlack[0]![0]).toBe(true);
    }
  });

  it('pass on each of the grounds, and the others fail on one', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 359 }),
        fc.array(anyColour, { minLength: 1, maxLength: 3 }),
        fc.constantFrom(3, 4.5),
        (hue, grounds, need) => {
          const cells = passingArea(hue, { grounds, need }, 6, 5);
          cells.forEach((row, y) =>
            row.forEach((passes, x) => {
              const hex = hsbHex(hue, (x + 0.5) / 6, 1 - (y + 0.5) / 5);
              expect(Math.min(...grounds.map((one) => contrast(hex, one))) >= need).toBe(passes);
            }),
          );
        },
      ),
      { numRuns: 100 },
    );
  });

  it('are no fewer where less is needed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), anyColour, (hue, ground) => {
        const [strict, lenient] = [4.5, 3].map((need) =>
          passingArea(hue, { grounds: [ground], need }, 8, 8).flat(),
        );
        strict!.forEach((passes, i) => expect(!passes || lenient![i]).toBe(true));
      }),
      { numRuns: 100 },
    );
  });
});
