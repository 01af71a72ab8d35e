import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nominalOf } from '../bands/bands.ts';
import { stepAt } from '../geometry/steps.ts';
import { LAYOUT_IDS, type LayoutId } from '../layouts/index.ts';
import { apply, type Command } from '../plan/commands.ts';
import { otherWayOf } from '../plan/places.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { roomsOf } from './rooms.ts';
import { withSameCount } from './sameCount.ts';
import { sizedSteps } from './shelfView.ts';

const choose = (layout: LayoutId | undefined, band?: string, shelf = 'a') => ({
  do: 'set' as const,
  on: { shelf },
  setting: 'layout',
  value: layout,
  ...(band !== undefined && { band }),
});
const everywhere = (plan: StoredPlan, layout: LayoutId) =>
  Object.fromEntries(completePlan(plan).house.bands.map(({ id }) => [id, layout]));

/** How many the shelf shows at each band, as its own steps have it. */
function counts(plan: StoredPlan, shelfId = 'a'): number[] {
  const { house, shelves, pages } = completePlan(plan);
  const steps = sizedSteps(
    shelves[shelfId]!,
    roomsOf(house, pages.home!, pages.home!.bays[0]!).inside,
    house.bands,
  );
  return house.bands.map((band) => stepAt(steps, nominalOf(house.bands, band).width).size);
}
const shelfIn = (plan: StoredPlan) => completePlan(plan).shelves.a!;
const changed = (plan: StoredPlan, command: ReturnType<typeof choose>) =>
  apply(plan, withSameCount(plan, command));
const all = (plan: StoredPlan, layout: LayoutId) =>
  changed(plan, { ...choose(layout), value: everywhere(plan, layout) as never });

describe('a change of layout', () => {
  it('keeps how many are shown at every width, whatever was set', () => {
    const shelf = fc.record<Pick<StoredShelf, 'layout' | 'amount' | 'columns'>>({
      layout: fc.record({ phone: fc.constantFrom(...LAYOUT_IDS), laptop: fc.constantFrom(...LAYOUT_IDS) }),
      amount: fc.record({
        by: fc.constantFrom('rows' as const, 'items' as const),
        rows: fc.record({ phone: fc.integer({ min: 1, max: 9 }) }),
        items: fc.record({ phone: fc.integer({ min: 1, max: 40 }), tablet: fc.integer({ min: 1, max: 40 }) }),
      }),
      columns: fc.record({ by: fc.constantFrom('count' as const, 'width' as const) }),
    });
    const band = fc.constantFrom(undefined, 'phone', 'tablet', 'laptop', 'wide');
    const changes = fc.array(fc.tuple(fc.constantFrom(...LAYOUT_IDS), band), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(shelf, changes, (own, made) => {
        let plan = specimenStored([specimenShelf('a', own)]);
        const before = counts(plan);
        for (const [layout, at] of made)
          plan = at === undefined ? all(plan, layout) : changed(plan, choose(layout, at));
        expect(counts(plan)).toEqual(before);
      }),
    );
  });

  it('goes on counting in rows where the number makes whole rows, and in items where it does not', () => {
    const grid = specimenStored([specimenShelf('a')]);
    const list = all(all(grid, 'carousel'), 'list');
    expect(shelfIn(list).amount.by).toBe('rows');
    expect(shelfIn(all(list, 'grid')).amount.rows).toEqual(shelfIn(grid).amount.rows);

    const carousel = apply(all(grid, 'carousel'), {
      do: 'set',
      on: { shelf: 'a' },
      setting: 'amount.items',
      value: { phone: 7 },
    });
    expect(new Set(counts(all(carousel, 'grid')))).toEqual(new Set([7]));
    expect(shelfIn(all(carousel, 'grid')).amount.by).toBe('items');
  });

  it('is the plain command where no number changes, or where it is another setting', () => {
    const plan = specimenStored([specimenShelf('a', { amount: { by: 'items' } })]);
    const command = choose('grid', 'phone');
    expect(withSameCount(plan, command)).toBe(command);
    const gap: Command = { do: 'set', on: { shelf: 'a' }, setting: 'gap.row', value: 8, band: 'phone' };
    expect(withSameCount(plan, gap as never)).toBe(gap);
  });

  it('keeps the number of the other way of a trial too, which is shown nowhere itself', () => {
    const tried = apply(specimenStored([specimenShelf('a')]), { do: 'tryAnother', shelf: 'a' });
    const other = otherWayOf('a');
    const command = {
      ...choose('carousel', undefined, other),
      value: everywhere(tried, 'carousel') as never,
    };
    expect(counts(apply(tried, withSameCount(tried, command)), other)).toEqual(counts(tried, 'a'));
  });

  it('passes over a shelf that is gone or shown nowhere', () => {
    const nowhere = { ...specimenStored([specimenShelf('a')]), pages: {} };
    const command = choose('carousel', 'phone');
    expect(withSameCount(nowhere, command)).toBe(command);
  });
});
