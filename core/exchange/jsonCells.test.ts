import { describe, expect, it } from 'vitest';
import { splitPaths, splitValues } from './cells.ts';
import { jsonCells, jsonNames } from './jsonCells.ts';

describe('products of a file of JSON', () => {
  const jug = {
    title: 'Jug',
    tags: ['a;b', 'c'],
    categories: [['Table > ware', 'Jugs'], ['Garden']],
    featured: true,
    variants: [
      { glaze: 'Peat', price: 12.5 },
      { glaze: 'Ash', price: 13, stock: 0, code: null },
    ],
  };

  it('are rows of a table, one for each variant, of all that any of them says', () => {
    const names = jsonNames([{ title: 'Cup', variants: 'two' }, jug]);
    expect(names).toEqual([
      'title',
      'variants',
      'tags',
      'categories',
      'featured',
      'glaze',
      'price',
      'stock',
      'code',
    ]);
    const rows = jsonCells(jug, names).map((row) =>
      Object.fromEntries(row.map((cell, at) => [names[at], cell])),
    );
    expect(rows).toMatchObject([
      { title: 'Jug', featured: 'yes', glaze: 'Peat', price: '12.5', stock: '', variants: '' },
      { title: 'Jug', featured: 'yes', glaze: 'Ash', price: '13', stock: '0', code: '' },
    ]);
    expect(splitValues(rows[0]!.tags, ';')).toEqual(jug.tags);
    expect(splitPaths(rows[0]!.categories, ';', '>')).toEqual(jug.categories);
  });

  it('may have no variants, and names that every object answers to', () => {
    expect(jsonCells({ title: 'Cup', variants: [] }, ['title', 'constructor', 'toString'])).toEqual([
      ['Cup', '', ''],
    ]);
    expect(jsonNames([{ title: 'Cup', variants: [] }])).toEqual(['title']);
    expect(jsonCells({ size: { deep: 3 } }, ['size'])).toEqual([['{"deep":3}']]);
  });
});
