import { describe, expect, it } from 'vitest';
import { specimenPlan, specimenShelf, specimenView } from '../specimen/specimen.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { shelfMeasure } from './shelfMeasure.ts';
import { shelvesOn } from './shelvesIn.ts';

const viewOf = (total: number, from: number, more: Partial<StoredShelf> = {}) => {
  const shelf = specimenShelf('a', {
    tools: { count: { phone: true }, sort: { phone: true } },
    paging: { by: 'numbered' },
    amount: { by: 'items', items: { phone: 4, laptop: 6 } },
    ...more,
  });
  const view = specimenView(specimenPlan([shelf]), total, {
    address: { path: '/', from: { a: from }, open: {} },
  });
  return { view, shelf: shelvesOn(view)[0]!.shelf };
};
const spans = (total: number, from: number) =>
  viewOf(total, from).shelf.pagers.map(({ size, span }) => [size, span]);

describe('which of a list a page has', () => {
  it('is said for each size of page, by where it begins there', () => {
    expect(spans(11, 0)).toEqual([
      [4, '1 to 4'],
      [6, '1 to 6'],
    ]);
    expect(spans(11, 4)).toEqual([
      [4, '5 to 8'],
      [6, '1 to 6'],
    ]);
    // The last page ends where the list does.
    expect(spans(11, 8)).toEqual([
      [4, '9 to 11'],
      [6, '7 to 11'],
    ]);
  });

  it('is said nowhere where all is on one page', () => {
    expect(spans(3, 0)).toEqual([]);
    expect(spans(5, 0)).toEqual([[4, '1 to 4']]);
  });

  it('takes a line of its own only where there is no room beside how many there are', () => {
    const heightOf = (by: 'numbered' | 'more', regionPx: number) => {
      const { view, shelf } = viewOf(11, 0, { paging: { by } });
      return shelfMeasure(shelf, view.bands, regionPx).heightPx;
    };
    expect(heightOf('numbered', 1200)).toBe(heightOf('more', 1200));
    const higher = Array.from({ length: 60 }, (_, i) => 300 + 10 * i).filter((px) => {
      const [numbered, more] = [heightOf('numbered', px), heightOf('more', px)];
      expect(numbered).toBeGreaterThanOrEqual(more);
      return numbered > more;
    });
    expect(higher.length).toBeGreaterThan(0);
  });
});
