import { converter, wcagContrast } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast, nearestPassing } from './contrast.ts';

const anyColour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('contrast', () => {
  it('is that of WCAG 2.2', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
    expect(contrast('#ffffff', '#000000')).toBeCloseTo(21, 5);
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
    expect(contrast('#123456', '#123456')).toBe(1);
    fc.assert(
      fc.property(anyColour, anyColour, (one, other) => {
        expect(contrast(one, other)).toBeCloseTo(wcagContrast(one, other), 2);
      }),
      { numRuns: 1_000 },
    );
  });
});

describe('the nearest colour that passes', () => {
  it('passes, on each of the backgrounds, as it is written with 8 bits', () => {
    fc.assert(
      fc.property(
        anyColour,
        fc.array(anyColour, { minLength: 1, maxLength: 3 }),
        fc.constantFrom(3, 4.5),
        (colour, grounds, need) => {
          const found = nearestPassing(colour, grounds, need);
          if (found === null) {
            // Then neither black nor white does.
            for (const end of ['#000000', '#ffffff'])
              expect(Math.min(...grounds.map((ground) => contrast(end, ground)))).toBeLessThan(need);
          } else {
            expect(found).toMatch(/^#[\da-f]{6}$/);
            for (const ground of grounds) expect(contrast(found, ground)).toBeGreaterThanOrEqual(need);
          }
        },
      ),
      { numRuns: 2_000 },
    );
  });

  it('is black or white itself where nothing else passes', () => {
    expect(nearestPassing('#02111f', ['#565e08', '#62a461'], 3)).toBe('#000000');
    expect(contrast('#000000', '#565e08')).toBeLessThan(3.01);
  });

  it('is found for ten thousand pairs, each passing', () => {
    let moved = 0;
    for (let i = 0; i < 10_000; i += 1) {
      // Steps that share no factor with the number of colours meet all kinds of them.
      const [text, ground] = [(i * 7_368_787) % 0x1000000, (i * 11_184_811 + 5) % 0x1000000].map(
        (one) => `#${one.toString(16).padStart(6, '0')}`,
      ) as [string, string];
      const found = nearestPassing(text, [ground], 4.5);
      if (found === null || contrast(found, ground) < 4.5) throw new Error(`${text} on ${ground}: ${found}`);
      moved += Number(found !== text);
    }
    expect(moved).toBeGreaterThan(5_000);
  });

  it('keeps its hue, as far as 8 bits and what sRGB has can', () => {
    const oklch = converter('oklch');
    fc.assert(
      fc.property(anyColour, anyColour, (colour, ground) => {
        const found = nearestPassing(colour, [ground], 4.5)!;
        const [before, after] = [oklch(colour)!, oklch(found)!];
        // Grey has no hue, and next to black and white there is hardly any.
        fc.pre(before.c > 0.05 && after.c > 0.05);
        const apart = Math.abs((before.h ?? 0) - (after.h ?? 0));
        expect(Math.min(apart, 360 - apart)).toBeLessThan(6);
        // With its chroma, or as much of it as there is.
        expect(after.c).toBeLessThan(before.c + 0.01);
      }),
      { numRuns: 500 },
    );
  });

  it('is the colour itself where it passes', () => {
    fc.assert(
      fc.property(anyColour, anyColour, (colour, ground) => {
        fc.pre(contrast(colour, ground) >= 4.5);
        expect(nearestPassing(colour, [ground], 4.5)).toBe(colour);
      }),
    );
  });

  it('is found for every single background, and is no farther than it has to be', () => {
    fc.assert(
      fc.property(anyColour, anyColour, (colour, ground) => {
        const found = nearestPassing(colour, [ground], 4.5)!;
        expect(found).not.toBeNull();
        // Of what had to be moved, one that stands out by much less would not pass, by much more was not needed.
        if (found !== colour && !['#000000', '#ffffff'].includes(found))
          expect(contrast(found, ground)).toBeLessThan(4.5 * 1.06);
      }),
      { numRuns: 500 },
    );
    expect(nearestPassing('#2a4e9b', ['#8aa1d6'], 4.5)).toMatch(/^#[0-2]/);
    expect(nearestPassing('#888888', ['#000000', '#ffffff'], 4.7)).toBeNull();
  });
});
