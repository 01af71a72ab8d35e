import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast, hexOf, LEAST_CONTRAST, rgbOf } from './contrast.ts';
import { through, veiled } from './overPicture.ts';

const byte = fc.integer({ min: 0, max: 255 });
const hex = fc
  .tuple(byte, byte, byte)
  .map((all) => `#${all.map((one) => one.toString(16).padStart(2, '0')).join('')}`);
const ground = 0xffffff;
const text = '#111111';
const seen = (upper: string, share: number, under: string) =>
  hexOf(through(rgbOf(upper), share, rgbOf(under)));

describe('a colour seen through another', () => {
  it('is the one or the other at the ends, and between them all the way', () => {
    fc.assert(
      fc.property(hex, hex, fc.double({ min: 0, max: 1, noNaN: true }), (upper, under, share) => {
        expect(seen(upper, 1, under)).toBe(upper);
        expect(seen(upper, 0, under)).toBe(under);
        const [a, b, made] = [upper, under, seen(upper, share, under)].map((one) =>
          parseInt(one.slice(1, 3), 16),
        );
        expect(made).toBeGreaterThanOrEqual(Math.min(a!, b!));
        expect(made).toBeLessThanOrEqual(Math.max(a!, b!));
      }),
    );
  });

  it('leaves text legible behind either background, whatever the picture', () => {
    fc.assert(
      fc.property(hex, (picture) => {
        expect(contrast('#ffffff', hexOf(veiled(rgbOf(picture), 'dark', ground)))).toBeGreaterThanOrEqual(
          LEAST_CONTRAST,
        );
        expect(contrast(text, hexOf(veiled(rgbOf(picture), 'light', ground)))).toBeGreaterThanOrEqual(
          LEAST_CONTRAST,
        );
        expect(hexOf(veiled(rgbOf(picture), 'none', ground))).toBe(picture);
      }),
    );
  });
});
