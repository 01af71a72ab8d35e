import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { SORTS } from '../listing/sorts.ts';
import { specimenProduct } from '../specimen/specimen.ts';
import { firstTexts } from '../texts/index.ts';
import { sortWords } from './sortWords.ts';

const items: Item[] = [
  { of: 'products', product: specimenProduct(1) },
  {
    of: 'products',
    product: specimenProduct(2, { fields: [{ id: 'capacity', name: 'Capacity', value: 350, unit: 'ml' }] }),
  },
];

describe('a way to sort in words', () => {
  it('is that of the menu, or the name of the field', () => {
    for (const { id } of SORTS) expect(sortWords(id, firstTexts, items)).toBe(firstTexts.sorts[id]);
    expect(sortWords('field.capacity', firstTexts, items)).toBe('Capacity');
    expect(sortWords('field.capacity-down', firstTexts, items)).toBe('Capacity');
  });

  it('is a word for any field where nothing that is shown has it', () => {
    expect(sortWords('field.gone', firstTexts, items)).toBe('Detail');
    expect(sortWords('field.capacity', firstTexts, [])).toBe('Detail');
  });
});
