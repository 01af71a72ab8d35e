// @vitest-environment jsdom
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { LAYOUT_IDS } from '../../../core/layouts/index.ts';
import type { StoredShelf } from '../../../core/plan/shelf.ts';
import { specimenPlan, specimenShelf, specimenView } from '../../../core/specimen/specimen.ts';
import { BayDrawing } from './BayDrawing.tsx';

afterEach(cleanup);

const WIDTH = 120;

/** Where the cards of the drawing begin and end, from the left. */
function drawn(direction: 'ltr' | 'rtl', shelf: Partial<StoredShelf>): [number, number][] {
  const view = specimenView(specimenPlan([specimenShelf('a', shelf)]), 7);
  const { container, unmount } = render(
    <BayDrawing
      bay={view.bays[0]}
      bands={view.bands}
      regionPx={1180}
      direction={direction}
      chosen={false}
      hidden={false}
      conditional={false}
    />,
  );
  const cards = [...container.querySelectorAll('svg svg rect')].map((rect): [number, number] => {
    const [x, width] = ['x', 'width'].map((name) => Number(rect.getAttribute(name)));
    return [x!, x! + width!];
  });
  unmount();
  return cards;
}

describe('the drawing of a bay in the outline', () => {
  it.each(LAYOUT_IDS)('of a %s is the mirror image where the page is read from right to left', (layout) => {
    const shelf = { layout: { phone: layout } };
    const [plain, mirrored] = [drawn('ltr', shelf), drawn('rtl', shelf)];
    expect(plain.length).toBeGreaterThan(0);
    expect(mirrored).toHaveLength(plain.length);
    mirrored.forEach(([begins, ends], i) => {
      expect(WIDTH - ends).toBeCloseTo(plain[i]![0], 6);
      expect(WIDTH - begins).toBeCloseTo(plain[i]![1], 6);
    });
  });

  it('goes by the direction of the shelf where it has one of its own', () => {
    const shelf = { columns: { count: { phone: 3 } } };
    expect(drawn('ltr', { ...shelf, direction: 'rtl' })).toEqual(drawn('rtl', shelf));
    expect(drawn('rtl', { ...shelf, direction: 'rtl' })).toEqual(drawn('rtl', shelf));
    expect(drawn('rtl', shelf)).not.toEqual(drawn('ltr', shelf));
  });
});
