import { describe, expect, it } from 'vitest';
import { findTags, type KnownTag } from './findTags.ts';

const known: KnownTag[] = [
  { tag: 'garden', name: 'For the garden', count: 3 },
  { tag: 'gift', name: 'gift', count: 1 },
  { tag: 'kiln', name: 'Straight from the fire', count: 4 },
  { tag: 'Über', name: 'Über', count: 2 },
];
const found = (words: string, without: readonly string[] = []) =>
  findTags(known, words, without, ['product']).map(({ id, words: said, aside }) => [id, said, aside]);

describe('a tag that is typed', () => {
  it('is found by a part of what it is called, however that is written, with how many have it', () => {
    expect(found('THE GAR')).toEqual([
      ['garden', 'For the garden', '3 products'],
      ['THE GAR', 'THE GAR', 'a new tag'],
    ]);
    expect(found('uber')[0]).toEqual(['Über', 'Über', '2 products']);
    expect(found('')).toHaveLength(known.length);
  });

  it('is a new one only where none is called so', () => {
    expect(found('gift')).toEqual([['gift', 'gift', '1 product']]);
    expect(found('  moss ')).toEqual([['moss', 'moss', 'a new tag']]);
    expect(found('   ')).toHaveLength(known.length);
  });

  it('leads by what it was called first to what it is called now', () => {
    expect(found('kiln')).toEqual([['kiln', 'kiln', 'now “Straight from the fire”']]);
    expect(found('garden')).toEqual([['garden', 'For the garden', '3 products']]);
  });

  it('is not offered again to what has it', () => {
    expect(found('gift', ['gift'])).toEqual([]);
    expect(found('garden', ['garden'])).toEqual([]);
  });
});
