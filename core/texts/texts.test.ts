import { describe, expect, it } from 'vitest';
import { english } from './english.ts';
import { textsFor } from './index.ts';

/** Every text of a table with sample values, by its way. */
function texts(table: object, way = ''): [string, string][] {
  return Object.entries(table).flatMap(([key, one]: [string, unknown]): [string, string][] => {
    const at = way ? `${way}.${key}` : key;
    if (typeof one === 'string') return [[at, one]];
    if (typeof one === 'function') return [[at, String((one as (...all: number[]) => string)(3, 4, 5))]];
    return texts(one as object, at);
  });
}

describe('what a store says by itself', () => {
  it('is there in full, in one piece and without spaces at its ends', () => {
    for (const [way, text] of texts(english)) {
      // A store that is not open has no button.
      if (way === 'notOpen.button') continue;
      expect(text, way).toMatch(/^\S(.*\S)?$/);
      expect(text, way).not.toMatch(/undefined|NaN|\[object/);
    }
  });

  it('counts as English does', () => {
    expect(english.rating(3, 1)).toBe('3.0 out of 5 (1 review)');
    expect(english.rating(4.26, 1240)).toBe('4.3 out of 5 (1,240 reviews)');
    expect([english.ratingFigure(3), english.ratingCount(1234)]).toEqual(['3.0', '(1,234)']);
    expect(english.products(1)).toBe('1 product');
    expect(english.products(12_000)).toBe('12,000 products');
    expect(english.moreShown(1)).toBe('1 more is shown.');
    expect([english.fewLeft(null), english.fewLeft(2)]).toEqual(['Only a few left', 'Only 2 left']);
  });

  it('is in the language of the store, and in English where there is none yet', () => {
    for (const locale of ['en', 'en-GB', 'en-US', 'xx', '']) expect(textsFor(locale), locale).toBe(english);
  });
});
