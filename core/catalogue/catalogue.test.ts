import { describe, expect, it } from 'vitest';
import { categoryTree } from './categoryTree.ts';
import type { CategoryFacts } from './facts.ts';
import { fold } from './fold.ts';
import { decimalMoney, formatMoney } from './money.ts';
import { dayText, startOfStoreDay, storeDay } from './storeTime.ts';

const category = (id: number, parentId: number | null, position = 0): CategoryFacts => ({
  id,
  parentId,
  slug: `c${id}`,
  name: `Category ${id}`,
  description: '',
  picture: null,
  catchAll: false,
  extraLine: '',
  position,
  products: 0,
  createdAt: 0,
});

describe('the category tree', () => {
  const tree = categoryTree([
    category(4, 3),
    category(3, 1, 1),
    category(2, 1, 2),
    category(1, null),
    category(9, 77),
  ]);

  it('keeps the own order and knows what is below and above', () => {
    expect(tree.children(1).map((c) => c.id)).toEqual([3, 2]);
    expect(tree.withBelow(1)).toEqual([1, 3, 4, 2]);
    expect(tree.ancestors(4).map((c) => c.id)).toEqual([1, 3]);
    expect(tree.depth(4)).toBe(2);
  });

  it('treats a category whose parent is gone as a root, and an unknown one as nothing', () => {
    expect(tree.roots.map((c) => c.id)).toEqual([1, 9]);
    expect(tree.withBelow(123)).toEqual([]);
  });
});

describe('money', () => {
  it('drops decimals from whole amounts and knows currencies without any', () => {
    expect(formatMoney(4800, { code: 'GBP', locale: 'en-GB' })).toBe('£48');
    expect(formatMoney(4850, { code: 'GBP', locale: 'en-GB' })).toBe('£48.50');
    expect(formatMoney(4800, { code: 'JPY', locale: 'en-GB' })).toBe('JP¥4,800');
    expect(decimalMoney(4850, 'GBP')).toBe('48.50');
  });
});

describe('days of the store', () => {
  it('begin at its own midnight, across a change of the clocks', () => {
    const zone = 'Europe/London';
    for (const [text, offsetHours] of [
      ['2026-01-10', 0],
      ['2026-07-10', 1],
      ['2026-03-29', 0],
      ['2026-10-25', 1],
    ] as const) {
      const day = Date.parse(text) / 86_400_000;
      const start = startOfStoreDay(day, zone);
      expect(start).toBe(Date.parse(text) - offsetHours * 3_600_000);
      expect(storeDay(start, zone)).toBe(day);
      expect(storeDay(start - 1, zone)).toBe(day - 1);
      expect(dayText(day)).toBe(text);
    }
  });
});

describe('folding', () => {
  it('drops marks, case and punctuation', () => {
    expect(fold('  Émaux — “Crème” No. 5 ')).toBe('emaux creme no 5');
  });
});
