import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { specimenHouse } from '../specimen/specimen.ts';
import { contrastOver } from './overPicture.ts';

const colours = { ground: specimenHouse.colours!.ground!, text: specimenHouse.colours!.text! };
const anyColour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('text over a picture', () => {
  it('stands out from every picture on a dark background and on that of a light house', () => {
    fc.assert(
      fc.property(anyColour, fc.option(anyColour), (picture, behind) => {
        expect(contrastOver(picture, 'dark', colours, behind)).toBeGreaterThanOrEqual(4.5);
        expect(contrastOver(picture, 'light', colours, behind)).toBeGreaterThanOrEqual(4.5);
      }),
    );
  });

  it('without a background goes by the picture, and by what the bay makes of the text', () => {
    expect(contrastOver('#ffffff', 'none', colours, null)).toBeGreaterThan(15);
    expect(contrastOver('#222222', 'none', colours, null)).toBeLessThan(1.5);
    // On a dark bay text is white.
    expect(contrastOver('#222222', 'none', colours, '#101020')).toBeGreaterThan(12);
    expect(contrastOver('#f4efe6', 'none', colours, '#101020')).toBeLessThan(1.3);
  });
});
