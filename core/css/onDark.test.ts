import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { contrast } from '../colour/contrast.ts';
import { darkOf, textOn } from '../colour/textOn.ts';
import { schemes } from '../style/schemes/index.ts';
import { coloursOn, groundCss, ON_DARK, ON_GROUND, ownColours } from './onDark.ts';

const [{ colours: dark }] = schemes as [(typeof schemes)[number]];
/** A house with light text on dark pages. */
const light = {
  ground: '#17181c',
  card: '#24262c',
  text: '#f4efe6',
  quiet: '#b6b0a4',
  accent: '#f0b450',
  onAccent: '#20180a',
  reduced: '#ff9a85',
  line: '#43464f',
};
const houses = [dark, light];
const anyColour = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);

/** What declarations make of the names of colours. */
function declared(css: string, colours: typeof light): Record<string, string> {
  const own = Object.fromEntries([...Object.entries(colours), ...ownColours(colours)]);
  const next = { ...own };
  for (const one of css.split(';')) {
    const [name, value] = one.split(':') as [string, string];
    const named = /^var\(--([\w-]+)\)$/.exec(value)?.[1];
    next[name.replace('--', '')] = named ? own[named]! : value.replace(/^#fff$/, '#ffffff');
  }
  return next;
}

describe('what stands on a background of its own', () => {
  it('is written in white or in the dark colour of the house, whichever stands out more', () => {
    expect([darkOf(dark), darkOf(light)]).toEqual([dark.text, light.ground]);
    for (const colours of houses) {
      expect(textOn('#101820', colours)).toBe('#ffffff');
      expect(textOn('#f5e9d0', colours)).toBe(darkOf(colours));
      expect(textOn('no colour', colours)).toBe(colours.text);
    }
  });

  it('is legible with its buttons, in a house of dark text and of light', () => {
    fc.assert(
      fc.property(anyColour, fc.constantFrom(...houses), (ground, colours) => {
        const text = textOn(ground, colours);
        for (const other of ['#ffffff', darkOf(colours)])
          expect(contrast(text, ground)).toBeGreaterThanOrEqual(contrast(other, ground) - 0.01);
        const { accent, onAccent } = coloursOn(ground, colours);
        expect(contrast(accent, onAccent)).toBeGreaterThanOrEqual(4.5);
      }),
      { numRuns: 300 },
    );
  });

  it('is drawn by the style sheet as it is reckoned', () => {
    for (const colours of houses)
      for (const ground of ['#101820', '#f5e9d0', '#7a2f5d', '#8aa1d6']) {
        const css = declared(groundCss(ground, colours), colours);
        expect(css.color, ground).toBe(textOn(ground, colours));
        const reckoned = coloursOn(ground, colours);
        for (const name of ['quiet', 'reduced', 'accent', 'onAccent'] as const)
          expect(css[name], `${name} on ${ground}`).toBe(reckoned[name]);
      }
  });

  it('has buttons that can be read on a shade over a picture, and again within a frame', () => {
    for (const colours of houses) {
      const over = declared(ON_DARK, colours);
      expect(contrast(over.accent!, over.onAccent!)).toBeGreaterThanOrEqual(4.5);
      const again = declared(ON_GROUND, colours);
      for (const name of ['quiet', 'reduced', 'accent', 'onAccent', 'line'] as const)
        expect(again[name]).toBe(colours[name]);
    }
  });
});
