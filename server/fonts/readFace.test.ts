import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { characterSets, hasCharacter, setsOf } from '../../core/text/characterSets.ts';
import { letterOf } from '../../core/text/letterOf.ts';
import { typeFamilies } from '../../core/text/families/index.ts';
import { READ_WEIGHTS } from '../../core/text/mergeFaces.ts';
import { storeFace } from '../../core/text/storeFace.ts';
import { slopesOf, type TypeFamily } from '../../core/text/typeFamily.ts';
import { readFace } from './readFace.ts';
import { packageOf, typeFile } from './typeFile.ts';

/** Weights that a family is read at: what pages use, as far as it has them. */
const weightsOf = ({ weights: [least, most] }: TypeFamily): number[] =>
  READ_WEIGHTS.map((one) => Math.min(Math.max(one, least), most));

describe('the families that are shipped', () => {
  it.each(typeFamilies.flatMap((family) => slopesOf(family).map((slope) => ({ family, slope }))))(
    'the core has the widths of $family.name, $slope',
    { timeout: 60_000 },
    async ({ family, slope }) => {
      const sets = family.sets.filter((id) => !characterSets[id].isComplex);
      const files = await Promise.all(sets.map((set) => readFile(typeFile(family, set, slope))));
      const read = await readFace(files, weightsOf(family));
      // Written anew by running the tests with --update.
      await expect(`${JSON.stringify(read)}\n`).toMatchFileSnapshot(
        `../../core/text/faces/${family.id}${slope === 'italic' ? '-italic' : ''}.json`,
      );
      if (slope === 'italic') return;
      const { metrics } = family;
      expect(metrics.ascent).toBeCloseTo(read.ascent / read.upem, 2);
      expect(metrics.descent).toBeCloseTo(read.descent / read.upem, 2);
      expect(metrics.letter).toBeCloseTo(letterOf(read), 2);
    },
  );

  it.each(typeFamilies)('$name has the character sets of its package, in their ranges', async (family) => {
    const ranges = JSON.parse(await readFile(join(packageOf(family), 'unicode.json'), 'utf8')) as object;
    expect([...family.sets].sort()).toEqual(Object.keys(ranges).sort());
    for (const set of family.sets) expect(characterSets[set].range).toBe(ranges[set as never]);
  });

  it.each(typeFamilies)('$name has the weights and slopes of its package', async (family) => {
    const about = JSON.parse(await readFile(join(packageOf(family), 'metadata.json'), 'utf8')) as {
      styles: string[];
      variable: { wght: { min: string; max: string } };
    };
    const { min, max } = about.variable.wght;
    expect(family.weights).toEqual([Number(min), Number(max)]);
    expect(family.faces.italic !== null).toBe(about.styles.includes('italic'));
  });
});

describe('a typeface read out of its file', () => {
  it('has letters closer together where they are drawn so, and wider in a bolder weight', () => {
    expect(storeFace.pairs.AV![0]).toBeLessThan(0);
    expect(storeFace.pairs.fi![0]).toBeLessThan(0);
    const [light, , , bold] = storeFace.advances.a!;
    expect(bold!).toBeGreaterThan(light!);
  });

  it('is not read out of what is no font', async () => {
    await expect(readFace([new TextEncoder().encode('no font at all')], [400])).rejects.toThrow();
  });
});

describe('character sets', () => {
  it('are those that a text needs', () => {
    expect([...setsOf('Plate, 24 cm — “Low Tide” £9')]).toEqual(['latin']);
    expect([...setsOf('Łódź')].sort()).toEqual(['latin', 'latin-ext']);
    expect([...setsOf('Κεραμικά')].sort()).toEqual(['greek', 'latin']);
    expect(setsOf('Чаша')).toEqual(new Set(['latin', 'cyrillic']));
  });

  it('hold both ends of their stretches and nothing beside them', () => {
    expect(hasCharacter('cyrillic', 0x400)).toBe(true);
    expect(hasCharacter('cyrillic', 0x45f)).toBe(true);
    expect(hasCharacter('cyrillic', 0x460)).toBe(false);
    expect(hasCharacter('cyrillic', 0x2116)).toBe(true);
  });
});
