import { describe, expect, it } from 'vitest';
import { CHARACTER_SETS, characterSets } from '../../core/text/characterSets.ts';
import { typeFamilies, typeFamily } from '../../core/text/families/index.ts';
import { fontsOf } from '../../core/text/typeFamily.ts';
import { fontCss, fontFile, TYPE_FILES } from './fonts.ts';

const all = new Set(CHARACTER_SETS);
const rules = (css: string) => css.match(/@font-face\{[^}]*\}/g) ?? [];
const files = (css: string) => [...css.matchAll(/url\(([^)]*)\)/g)].map(([, address]) => address!);

describe('the rules of families', () => {
  it('have a file for each character set and slope that is used, and no other', () => {
    const nunito = typeFamily('nunito');
    const upright = fontCss({ families: [nunito], slopes: ['upright'] }, 'swap', new Set(['latin', 'greek']));
    expect(files(upright)).toEqual([fontFile(nunito, fontsOf(nunito)[0]!, 'latin')]);
    // One set needs no range of its own.
    expect(upright).not.toContain('unicode-range');
    const both = fontCss(
      { families: [nunito], slopes: ['upright', 'italic'] },
      'swap',
      new Set(['latin', 'cyrillic']),
    );
    expect(files(both)).toHaveLength(4);
    expect(both).toContain(`unicode-range:${characterSets.cyrillic.range}`);
  });

  it('have no italics of a family that has none: a browser slants it', () => {
    const css = fontCss({ families: [typeFamily('oswald')], slopes: ['upright', 'italic'] }, 'swap', all);
    expect(css).not.toContain('font-style:italic');
  });

  it.each(typeFamilies)('have what stands in for $name as long and as high as it', (family) => {
    const css = fontCss({ families: [family], slopes: ['upright'] }, 'optional', new Set(['latin']));
    const standIns = rules(css).filter((one) => one.includes('local('));
    expect(standIns.length).toBeGreaterThan(0);
    for (const one of standIns) {
      const percent = (name: string) => Number(new RegExp(`${name}:([\\d.]+)%`).exec(one)![1]) / 100;
      // Overrides are shares of the em after it is made as wide.
      expect(percent('ascent-override') * percent('size-adjust')).toBeCloseTo(family.metrics.ascent, 1);
      expect(percent('descent-override') * percent('size-adjust')).toBeCloseTo(family.metrics.descent, 1);
    }
  });

  it('name nothing outside of our own address', () => {
    const css = fontCss({ families: typeFamilies, slopes: ['upright', 'italic'] }, 'swap', all);
    for (const address of files(css)) expect(address.startsWith(`${TYPE_FILES}/`), address).toBe(true);
    expect(new Set(files(css)).size).toBe(files(css).length);
  });
});
