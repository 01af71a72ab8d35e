import { describe, expect, it } from 'vitest';
import type { Found } from './importState.ts';
import { sayColumn } from './sayColumn.ts';
import { optionTarget, targetsOf } from './ownTargets.ts';
import { TARGETS, type How } from './targets.ts';

const how: How = { list: ';', level: '/', decimal: '.', digits: 2 };
const found: Found = {
  rows: 90,
  counts: { new: 5, changed: 61, unchanged: 20, refused: 3 },
  columns: [{ empty: 14, longest: 74 }],
  new: [],
  changed: [],
  refused: [],
  made: {
    brands: [{ id: -1, name: 'Bo' }],
    categories: [
      { id: -2, parentId: null, name: 'Pots' },
      { id: -3, parentId: -2, name: 'Tall' },
    ],
    collections: [{ id: -9, name: 'Warm' }],
    fields: [],
    options: [{ id: -4, name: 'Glaze' }],
    values: [
      { id: -5, optionId: -4, name: 'Peat' },
      { id: -6, optionId: 7, name: 'Wide' },
    ],
  },
  newTags: 4,
  lostPictures: 3,
  lost: ['jug', 'cup', 'pot'],
};

describe('how a column is read, in words', () => {
  const own = targetsOf({ options: [], fields: [{ id: 'h', name: 'Height', type: 'number', unit: 'cm' }] });
  it.each([
    ['code', '81 products there already; empty in 14 rows'],
    ['title', 'the longest has 74 letters; empty in 14 rows'],
    ['price', 'money in GBP; empty in 14 rows'],
    ['reduced', 'money in GBP; empty means not reduced'],
    ['stock', 'whole numbers; 0 is sold out, empty is not counted'],
    ['categories', 'levels split at “/”, several at “;”; 2 new categories'],
    ['tags', 'split at “;”; 4 new tags'],
    ['collections', 'split at “;”; 1 new collection'],
    [
      'pictures',
      'pictures of the store by their names, split at “;”; 3 pictures not found by name (jug, cup, …): those products keep the pictures that they have',
    ],
    ['brand', '1 new brand; the longest has 74 letters; empty in 14 rows'],
    ['field:h', 'numbers in cm'],
  ])('%s', (id, words) =>
    expect(
      sayColumn(
        own.find((one) => one.id === id),
        how,
        0,
        found,
        'GBP',
      ),
    ).toBe(words),
  );

  it('says nothing of one that is left out, and only how where nothing was read yet', () => {
    expect(sayColumn(undefined, how, 0, found, 'GBP')).toBe('');
    expect(
      TARGETS.map((target) => sayColumn(target, how, 0, null, 'GBP')).filter((said) =>
        /letter|row/u.test(said),
      ),
    ).toEqual([]);
  });

  it('says which option is new, and what is new of one that is there', () => {
    expect(sayColumn(optionTarget('Glaze'), how, 0, found, 'GBP')).toBe(
      'a new option of 1 value; empty in 14 rows',
    );
    expect(sayColumn(optionTarget('Size'), how, 0, found, 'GBP')).toBe('1 new value; empty in 14 rows');
  });
});
