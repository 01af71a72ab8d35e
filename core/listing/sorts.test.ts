import { describe, expect, it } from 'vitest';
import { partKinds } from '../card/parts/index.ts';
import { fieldSort, orderOfSort, SORT_IDS, sortsDown } from './sorts.ts';

describe('a way to sort', () => {
  it('says whether it begins with the highest', () => {
    expect(SORT_IDS.filter(sortsDown)).toEqual([
      'newest',
      'best-sold',
      'price-down',
      'reduction',
      'rating',
      'name-down',
      'code-down',
      'brand-down',
      'stock-down',
    ]);
    expect([false, true].map((down) => sortsDown(fieldSort('capacity', down)))).toEqual([false, true]);
    expect(sortsDown('gone')).toBe(false);
  });

  it('stands for an order, of a field as it was written, of nothing else for none', () => {
    expect(orderOfSort(fieldSort('firedAt', true))).toEqual({ by: 'field', field: 'firedAt', down: true });
    expect(orderOfSort(fieldSort('firedAt', false))).toEqual({ by: 'field', field: 'firedAt', down: false });
    for (const none of ['', 'gone', 'field.', 'field.-down', 'field.1st', 'field.a b', 'price-down-down'])
      expect(orderOfSort(none), none).toBeNull();
  });

  it('is there for every column that says it sorts, the first press up unless there is one way alone', () => {
    for (const { column } of partKinds) {
      const sorts = column?.sorts?.({ field: 'capacity' }) ?? [];
      for (const one of sorts) expect(orderOfSort(one), one).not.toBeNull();
      if (sorts.length === 2) expect(sorts.map(sortsDown)).toEqual([false, true]);
    }
  });
});
