import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fullRowsFix, shortSteps } from '../../../core/checks/rowsLeftShort.ts';
import type { StoredShelf } from '../../../core/plan/shelf.ts';
import { completePlan } from '../../../core/plan/storedPlan.ts';
import { specimenShelf, specimenStored, specimenView } from '../../../core/specimen/specimen.ts';
import { shelvesIn } from '../../../core/view/shelvesIn.ts';
import { gapWords } from './gapWords.ts';

function drawn(more: Partial<StoredShelf>, total: number) {
  const plan = completePlan(specimenStored([specimenShelf('a', more)]));
  const [view] = shelvesIn(specimenView(plan, total).bays[0]!);
  return { view: view!, shelf: plan.shelves.a!, plan };
}
const said = (more: Partial<StoredShelf>, total: number) => {
  const { view, shelf, plan } = drawn(more, total);
  return gapWords(view, shelf, plan, Infinity);
};
const items = (count: number): Partial<StoredShelf> => ({ amount: { by: 'items', items: { phone: count } } });

const picked = (count: number): Partial<StoredShelf> => ({
  ...items(count),
  assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'named', ids: [1, 2, 3] }] } },
});

describe('what is said of rows left short', () => {
  it('names the number that was asked for, and one that fills every row', () => {
    expect(said(items(10), 64)).toMatch(
      /^10 leaves a gap on .*\. 12 fills every row at 2, 3 and 4 columns\.$/,
    );
  });

  it('offers no smaller number of what was picked by hand', () => {
    expect(said(items(13), 13)).toContain(' 12 fills every row at ');
    expect(said(picked(13), 13)).toMatch(/^13 leaves a gap on [^.]*\.$/);
    expect(said(picked(10), 64)).toContain(' 12 fills every row at ');
  });

  it('offers no number that there is not', () => {
    expect(said(items(10), 11)).toMatch(
      /^10 leaves a gap on .*\. Rows counted at each width are always full\.$/,
    );
  });

  it('speaks of what matches where that is less than was asked for', () => {
    expect(said(items(6), 5)).toMatch(/^There are 5, which leaves the last row short on /);
    expect(said({ amount: { rows: { phone: 3 } } }, 5)).toMatch(/^There are 5, which leaves/);
  });

  it('offers the very number that the button beside it shows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 30 }),
        fc.boolean(),
        fc.integer({ min: 0, max: 5 }),
        (asked, total, byHand, spare) => {
          const { view, shelf, plan } = drawn(byHand ? picked(asked) : items(asked), total);
          if (shortSteps(view).length === 0) return;
          const offered = / (\d+) fills every row/.exec(gapWords(view, shelf, plan, spare))?.[1];
          const fix = fullRowsFix(view, shelf, plan, spare)?.words;
          if (offered) expect(fix).toBe(`Show ${offered}`);
          else if (asked <= total) expect(fix ?? '').not.toMatch(/^Show \d/);
        },
      ),
    );
  });

  it('never names a number that is not shown', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 30 }), (asked, total) => {
        const { view, shelf, plan } = drawn(items(asked), total);
        if (shortSteps(view).length === 0) return;
        const words = gapWords(view, shelf, plan, Infinity);
        for (const [number] of words.replace(/ at [\d, and]+ columns/, '').matchAll(/\d+/g))
          expect(Number(number), words).toBeLessThanOrEqual(total);
      }),
    );
  });
});
