import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { troublesOf } from '../view/trouble.ts';
import type { Finding } from './check.ts';
import { findingsOn } from './index.ts';

const goods = (...titles: string[]): Item[] =>
  titles.map((title, i) => ({ of: 'products', product: specimenProduct(i + 1, { title }) }));

const LONG = 'Amber feast platter, forty-two across, for the long table in the hall';

const ENDLESS = `${LONG}, ${LONG}, ${LONG}`;

const lines = (most: number): StoredShelf['card'] => ({ parts: { title: { lines: most } } });
const planWith = (more: Partial<StoredShelf>): StoredPlan =>
  specimenStored([specimenShelf('s', { amount: { by: 'rows', rows: { phone: 1 } }, ...more })]);

const viewOf = (stored: StoredPlan, items: readonly Item[]) =>
  specimenView(completePlan(stored), items.length, {}, items);
const clipped = (stored: StoredPlan, items: readonly Item[]): Finding | undefined =>
  findingsOn(viewOf(stored, items), completePlan(stored), specimenNames).find(
    ({ check }) => check === 'text-clipped',
  );

const titleArbitrary = fc
  .array(fc.constantFrom('bowl', 'thrown', 'low', 'tide', 'wide-rimmed', 'of', 'stoneware', 'planter'), {
    minLength: 1,
    maxLength: 14,
  })
  .map((words) => words.join(' '));

describe('text that is cut short', () => {
  it('is found with how many, where, and the lines that would do', () => {
    const plan = planWith({ card: lines(1), columns: { by: 'count', count: { phone: 2 } } });
    const found = clipped(plan, goods(ENDLESS, 'Jug', ENDLESS, 'Bowl', ENDLESS))!;
    expect(found.text).toMatch(/^Title clipped on \w+: \d of the \d shown, and on \d more widths?$/);
    expect(found.goTo).toBe('card');
    expect(found.fix).toBeNull();
    const shorter = clipped(plan, goods('Wide-rimmed bowl for the table', 'Jug'))!;
    expect(shorter.fix!.words).toMatch(/^Allow [2-4] lines$/);
  });

  it('is not found where titles fit, or are not shown', () => {
    expect(clipped(planWith({ card: lines(1) }), goods('Mug', 'Jug'))).toBeUndefined();
    const hidden = planWith({ card: { parts: { title: { lines: 1, shown: { phone: false } } } } });
    expect(clipped(hidden, goods(LONG, LONG))).toBeUndefined();
  });

  it('offers fewer columns where no number of lines does, and only where rows stay full', () => {
    const plan = planWith({
      card: lines(4),
      columns: { by: 'count', count: { phone: 1, tablet: 2, laptop: 12 } },
    });
    const found = clipped(plan, goods(...Array.from({ length: 24 }, () => LONG)))!;
    expect(found.fix?.words ?? '').toBe('Use fewer columns');
  });

  it('has a fix that removes it', () => {
    fc.assert(
      fc.property(
        fc.array(titleArbitrary, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 8 }),
        fc.constantFrom('grid' as const, 'list' as const, 'carousel' as const, 'masonry' as const),
        fc.constantFrom('items' as const, 'rows' as const),
        (titles, most, columns, layout, by) => {
          const plan = planWith({
            card: lines(most),
            columns: { by: 'count', count: { phone: columns } },
            layout: { phone: layout },
            amount: { by, rows: { phone: 1 }, items: { phone: 12 } },
          });
          const items = goods(...titles);
          const fix = clipped(plan, items)?.fix;
          fc.pre(Boolean(fix));
          const mended = apply(plan, fix!.command);
          expect(clipped(mended, items)).toBeUndefined();
          const short = (stored: StoredPlan) =>
            findingsOn(viewOf(stored, items), completePlan(stored), specimenNames).filter(
              ({ check }) => check === 'rows-left-short',
            ).length;
          expect(short(mended)).toBeLessThanOrEqual(short(plan));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('stops the sweep at just the widths at which it is so', () => {
    const plan = planWith({ card: lines(2), columns: { by: 'count', count: { phone: 2 } } });
    const title = 'Wide-rimmed stoneware bowl, thrown low';
    const view = viewOf(plan, goods(title, 'Mug'));
    const [first] = troublesOf(view.bays[0], view.bands);
    expect(first!.words).toBe('a title is cut short');
    expect(first!.to).toBeGreaterThan(320);
    const roomy = viewOf(planWith({ card: lines(4) }), goods(title, 'Mug'));
    expect(troublesOf(roomy.bays[0], roomy.bands)).toEqual([]);
  });
});
