import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast, LEAST_CONTRAST } from './contrast.ts';
import { through, veiled } from './overPicture.ts';

const byte = fc.integer({ min: 0, max: 255 });
const hex = fc
  .tuple(byte, byte, byte)
  .map((all) => `#${all.map((one) => one.toString(16).padStart(2, '0')).join('')}`);
const colours = { ground: '#ffffff', text: '#111111' };

describe('a colour seen through another', () => {
  it('is the one or the other at the ends, and between them all the way', () => {
    fc.assert(
      fc.property(hex, hex, fc.double({ min: 0, max: 1, noNaN: true }), (upper, under, share) => {
        expect(through(upper, 1, under)).toBe(upper);
        expect(through(upper, 0, under)).toBe(under);
        const [a, b, made] = [upper, under, through(upper, share, under)].map((one) =>
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
        expect(contrast('#ffffff', veiled(picture, 'dark', colours))).toBeGreaterThanOrEqual(LEAST_CONTRAST);
        expect(contrast(colours.text, veiled(picture, 'light', colours))).toBeGreaterThanOrEqual(
          LEAST_CONTRAST,
        );
        expect(veiled(picture, 'none', colours)).toBe(picture);
      }),
    );
  });
});
