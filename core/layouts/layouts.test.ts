import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isUsed, LAYOUT_IDS, layoutKind, layoutKinds, layoutsOf, type LayoutId } from './index.ts';
import { layoutOwn } from './own.ts';
import { columnsOf } from './masonry.ts';
import { blocksOf } from './mosaic.ts';
import { motionOf, stopPlaces, visibleWidth } from './moving.ts';
import { openingsOf, pageGrid } from './spread.ts';
import { shelfSettings, type StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenPlan, specimenShelf, specimenStored, specimenView } from '../specimen/specimen.ts';
import { shelfFacts } from '../view/facts.ts';
import { layoutSample } from '../view/layoutSample.ts';
import { shelfMeasure } from '../view/shelfMeasure.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { troublesOf } from '../view/trouble.ts';

const shelfIn = (layout: LayoutId, more: Partial<StoredShelf> = {}) =>
  specimenShelf('a', { layout: { phone: layout }, ...more });
const shelfView = (layout: LayoutId, more: Partial<StoredShelf> = {}, total = 64) => {
  const view = specimenView(specimenPlan([shelfIn(layout, more)]), total);
  return { view, shelf: shelvesOn(view)[0]!.shelf };
};

describe('a mosaic', () => {
  it('covers its rows with blocks, every one once and none over another, but for the end of the last', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 8 }), (count, across) => {
        const blocks = blocksOf(count, across);
        expect(blocks).toHaveLength(count);
        const cells = blocks.flatMap(({ column, row, columns, rows }) =>
          Array.from({ length: rows }, (_, r) =>
            Array.from({ length: columns }, (_, c) => `${row + r} ${column + c}`),
          ).flat(),
        );
        expect(new Set(cells).size).toBe(cells.length);
        const { rows, last, full } = layoutKind('mosaic').rows(count, across);
        expect(blocks.every(({ column, columns }) => column + columns <= across)).toBe(true);
        expect(cells.length).toBe(full ? rows * across : (rows - 1) * across + last);
        // Groups come in reading order, so that a keyboard goes down the page.
        blocks.forEach(({ row }, i) => expect(row).toBeGreaterThanOrEqual((blocks[i - 1]?.row ?? 0) - 1));
      }),
    );
  });
});

describe('layouts', () => {
  it('are one object each, under the ids that a shelf can have', () => {
    expect(layoutKinds.map(({ id }) => id)).toEqual(LAYOUT_IDS);
    for (const { uses } of layoutKinds)
      for (const used of uses)
        expect(
          shelfSettings('products').some(({ id }) => id === used || id.startsWith(`${used}.`)),
          used,
        ).toBe(true);
  });

  it('have the settings of their own under their ids, by line', () => {
    for (const line of ['layout', 'columns'] as const)
      expect(layoutOwn[line]).toEqual(
        Object.fromEntries(
          layoutKinds.flatMap(({ id, settings }) => (settings?.[line] ? [[id, settings[line]]] : [])),
        ),
      );
  });

  it('are shown by samples in which something is in sight and nothing covers anything', () => {
    for (const id of LAYOUT_IDS) {
      const { widthPx, boxes } = layoutSample(id);
      const inSight = boxes.filter(({ x, width }) => x + width <= widthPx + 1);
      expect(inSight.length, id).toBeGreaterThan(0);
      // What moves runs on past the window; of nothing else is a part out of sight.
      if (!layoutKind(id).moves) expect(inSight, id).toHaveLength(boxes.length);
      for (const box of boxes) {
        expect(box.pictureWidth, id).toBeGreaterThan(0);
        expect(box.pictureWidth, id).toBeLessThanOrEqual(box.width);
      }
      const covers = boxes.some((a, i) =>
        boxes.some(
          (b, j) =>
            i < j &&
            a.x + a.width > b.x + 1 &&
            b.x + b.width > a.x + 1 &&
            a.y + a.height > b.y + 1 &&
            b.y + b.height > a.y + 1,
        ),
      );
      expect(covers, id).toBe(false);
    }
  });

  it('that move say by how much, and those in columns of their own say which', () => {
    const { made } = { made: completePlan(specimenStored([specimenShelf('a')])) };
    for (const kind of layoutKinds) {
      expect(kind.moveBy !== undefined, kind.id).toBe(kind.moves);
      const by = kind.moveBy?.(made.shelves.a!, 3, made.house.bands, 'phone') ?? 1;
      expect(by).toBeGreaterThanOrEqual(1);
    }
    expect(layoutKinds.filter(({ columnsOf: own }) => own).map(({ id }) => id)).toEqual(['masonry']);
  });

  it('say which settings they go by', () => {
    expect(isUsed('layoutOwn.carousel.visible', ['carousel'])).toBe(true);
    expect(isUsed('layoutOwn.carousel.visible', ['grid', 'list'])).toBe(false);
    expect(isUsed('paging.by', ['grid'])).toBe(true);
    expect(layoutsOf({ phone: 'carousel', laptop: 'grid' }, [])).toEqual([]);
  });

  it('change over and back without losing anything', () => {
    const before = shelfView('grid');
    const there = shelfView('masonry');
    expect(there.shelf.layouts).toEqual(['masonry']);
    expect(shelfView('grid').shelf).toEqual(before.shelf);
  });

  it('put every card in a place of its own, none over another', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LAYOUT_IDS),
        fc.integer({ min: 280, max: 2560 }),
        fc.integer({ min: 0, max: 40 }),
        (layout, width, total) => {
          const { view, shelf } = shelfView(layout, {}, total);
          if (total === 0) return;
          const { boxes, step } = shelfMeasure(shelf, view.bands, width);
          expect(boxes).toHaveLength(step.shows.end - step.shows.start);
          for (const [i, a] of boxes.entries())
            for (const b of boxes.slice(i + 1)) {
              const apart =
                a.x + a.width <= b.x + 0.01 ||
                b.x + b.width <= a.x + 0.01 ||
                a.y + a.height <= b.y + 0.01 ||
                b.y + b.height <= a.y + 0.01;
              expect(apart).toBe(true);
            }
        },
      ),
      { numRuns: 150 },
    );
  });

  it('may differ by band, each band with its own number', () => {
    const { shelf } = shelfView('grid', { layout: { phone: 'carousel', laptop: 'grid' } });
    expect(shelf.steps.map(({ layout }) => layout)).toEqual(['carousel', 'carousel', 'grid', 'grid']);
    expect(shelf.steps.map(({ size }) => size)).toEqual([12, 12, 8, 8]);
    expect(shelf.layouts).toEqual(['grid', 'carousel']);
  });
});

describe('moving layouts', () => {
  it('follow the worked examples', () => {
    expect(motionOf(10, 4, 2, false, null)).toMatchObject({ moves: true, stops: 4 });
    expect(motionOf(10, 4, 4, false, null)).toMatchObject({ moves: true, stops: 3 });
    expect(stopPlaces(10, 4, 4)).toEqual([0, 4, 6]);
    expect(motionOf(3, 4, 1, false, null)).toMatchObject({ moves: false, stops: 1 });
    const play = { restMs: 5000, moveMs: 500 };
    expect(motionOf(10, 4, 2, true, play)).toMatchObject({ loops: true, stops: 5, roundS: 27.5 });
    expect(motionOf(10, 4, 2, false, play).roundS).toBe(3 * 5.5 + 5);
    expect(motionOf(4, 4, 1, true, play)).toMatchObject({ moves: false, loops: false, roundS: null });
  });

  it('show every item, and leave no empty room at the last stop', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 10, max: 80 }),
        fc.integer({ min: 1, max: 8 }),
        (n, tenths, s) => {
          const v = tenths / 10;
          const places = stopPlaces(n, v, s);
          if (n <= v) {
            expect(places).toEqual([0]);
            return;
          }
          expect(places.at(-1)! + v).toBeCloseTo(n, 6);
          const seen = new Set(
            places.flatMap((at) =>
              Array.from({ length: n }, (_, i) => i).filter((i) => i >= at - 1e-9 && i < at + v),
            ),
          );
          expect(seen.size).toBe(n);
        },
      ),
    );
  });

  it('take every gap in sight off the width', () => {
    expect(visibleWidth(1000, 4, 20)).toBe(235);
    // 2.3 in sight: two whole ones, two gaps, and 0.3 of the third.
    const width = visibleWidth(1000, 2.3, 20);
    expect(2.3 * width + 2 * 20).toBeCloseTo(1000, 6);
  });

  it('say of a shelf how it moves, and where it cannot', () => {
    const { view } = shelfView(
      'carousel',
      { layoutOwn: { carousel: { visible: { phone: 1.4, laptop: 4 } } } },
      4,
    );
    const facts = shelfFacts(view, 'a', 'a');
    expect(facts.map(({ step }) => step.moves)).toEqual([true, true, false, false]);
    expect(troublesOf(view.bays[0], view.bands)).toEqual([
      { from: 880, to: Infinity, words: 'the carousel has nothing to move' },
    ]);
  });
});

describe('masonry', () => {
  it('puts each under the shortest column, ties into the first', () => {
    expect(columnsOf([100, 50, 80, 120, 60], 3, 10)).toMatchObject({
      of: [0, 1, 2, 1, 2],
      heights: [100, 180, 150],
    });
    expect(columnsOf([], 3, 10).unevenness).toBe(0);
  });

  it('places each once, and is never more uneven than its highest item', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 20, max: 600 }), { maxLength: 80 }),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 0, max: 40 }),
        (heights, across, gap) => {
          const columns = columnsOf(heights, across, gap);
          expect(columns.of).toHaveLength(heights.length);
          const sums = Array.from({ length: across }, (_, column) => {
            const own = heights.filter((_height, i) => columns.of[i] === column);
            return own.reduce((a, b) => a + b, 0) + gap * Math.max(0, own.length - 1);
          });
          expect(columns.heights).toEqual(sums);
          const most = Math.max(0, ...sums);
          if (most > 0)
            expect(columns.unevenness).toBeLessThanOrEqual((Math.max(...heights) + gap) / most + 1e-9);
        },
      ),
    );
  });
});

describe('spreads', () => {
  it('have as many pages and openings as their items need', () => {
    expect(openingsOf(10, 4, true)).toEqual({ pages: 3, openings: 2 });
    expect(openingsOf(10, 4, false)).toEqual({ pages: 3, openings: 3 });
    expect(pageGrid(4)).toEqual({ columns: 2, rows: 2 });
    expect(pageGrid(6)).toEqual({ columns: 2, rows: 3 });
    const { shelf } = shelfView('spread', {
      layoutOwn: { spread: { items: { phone: 2 }, facing: { phone: false, laptop: true } } },
      amount: { by: 'items', rows: { phone: 1 }, items: { phone: 8 } },
    });
    expect(shelf.steps.map(({ motion }) => motion.stops)).toEqual([4, 4, 2, 2]);
  });
});

describe('a short last row', () => {
  const topUp = { fewerThan: 1, then: 'topUp' as const, from: 'more' };
  it('is filled from the top-up, and only there', () => {
    const shelf = shelfIn('grid', {
      amount: { by: 'items', rows: { phone: 1 }, items: { phone: 10 } },
      lastRow: { phone: 'fill', laptop: 'leave' },
    });
    const assortment = { of: 'products' as const, limit: 10, fallback: topUp };
    const filled = completePlan({
      ...specimenStored([{ ...shelf, assortment }]),
      assortments: { more: { id: 'more', name: 'More', assortment: { of: 'products' } } },
    });
    const [drawn] = shelvesOn(specimenView(filled));
    // 2, 3, 4 and 4 across: 10 is full on a phone, filled to 12 on a tablet, left as it is above.
    expect(drawn!.shelf.steps.map(({ shows }) => shows.end)).toEqual([10, 12, 10, 10]);
    expect(drawn!.shelf.total).toBe(10);
  });

  it('stands where it is told to', () => {
    const { view, shelf } = shelfView(
      'grid',
      {
        lastRowAlign: { phone: 'end' },
        amount: { by: 'items', rows: { phone: 1 }, items: { phone: 5 } },
        gap: { column: { phone: 10 }, row: { phone: 10 } },
      },
      5,
    );
    const { boxes, cardPx } = shelfMeasure(shelf, view.bands, 375);
    expect(boxes[4]!.x).toBeCloseTo(cardPx + 10, 6);
    expect(layoutKind('grid').css('x', shelf.steps[0]!)).toContain('justify-content:end');
  });
});
