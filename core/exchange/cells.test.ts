import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  escaped,
  guarded,
  levelMarkOf,
  listMarkOf,
  LIST_MARKS,
  splitPaths,
  splitValues,
  unguarded,
} from './cells.ts';

const name = fc
  .array(fc.constantFrom('a', 'B', ' ', '\\', ';', '|', ',', '>', '/', 'é', '='), {
    minLength: 1,
    maxLength: 8,
  })
  .map((letters) => letters.join('').trim())
  .filter((text) => text !== '');

describe('cells', () => {
  it('never begin a formula, and are taken back', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("'", '=', '+', '-', '@', '\t', 'a'), { maxLength: 6 }),
        (letters) => {
          const cell = letters.join('');
          expect(guarded(cell)).not.toMatch(/^[=+\-@\t\r]/u);
          expect(unguarded(guarded(cell))).toBe(cell);
        },
      ),
    );
    expect(guarded('=HYPERLINK("x")')).toBe('\'=HYPERLINK("x")');
    expect(unguarded("'quoted'")).toBe("'quoted'");
  });

  it('hold any names, whatever marks are in them', () => {
    fc.assert(
      fc.property(fc.array(name, { maxLength: 4 }), (names) => {
        const cell = names.map(escaped).join('; ');
        // No other mark is found in there.
        expect(listMarkOf([cell])).toBe(';');
        expect(splitValues(cell, ';')).toEqual(names);
      }),
    );
  });

  it('hold any categories with their levels', () => {
    const path = fc.array(name, { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(fc.array(path, { maxLength: 3 }), (paths) => {
        const cell = paths.map((levels) => levels.map(escaped).join(' > ')).join('; ');
        expect(levelMarkOf([cell])).toBe('>');
        expect(splitPaths(cell, ';', '>')).toEqual(paths);
      }),
    );
  });

  it('are split at the mark that parts most of them', () => {
    expect(listMarkOf(['table, morning', 'small', 'a, b; c'])).toBe(',');
    expect(listMarkOf(['table|morning', 'a, b|c'])).toBe('|');
    expect(levelMarkOf(['Home/Garden/Pots', 'Home'])).toBe('/');
    expect(LIST_MARKS.map((mark) => splitValues(`a${mark} b${mark}`, mark))).toEqual([
      ['a', 'b'],
      ['a', 'b'],
      ['a', 'b'],
    ]);
    expect(splitPaths(' > ; ', ';', '>')).toEqual([]);
  });
});
