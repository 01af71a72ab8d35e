import { describe, expect, it } from 'vitest';
import { specimenBay, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { readPlan, writtenPlan, type ReadBefore } from './reading.ts';
import { completePlan } from './storedPlan.ts';

type Kept = Record<'house' | 'pages' | 'shelves', Record<string, unknown>>;

/** As it comes out of the database: objects of its own each time. */
const kept = (change: (plan: Kept) => void = () => undefined): unknown => {
  const plan = structuredClone(
    writtenPlan(specimenStored([specimenShelf('a'), specimenShelf('b')], [specimenBay('a')])),
  ) as Kept;
  change(plan);
  return plan;
};

describe('a plan that is read again', () => {
  it('has the very same documents where they are kept as they were, complete ones too', () => {
    const before: ReadBefore = new Map();
    const { plan } = readPlan(kept(), before);
    const { plan: again } = readPlan(
      kept(({ shelves }) => (shelves.b = { ...(shelves.b as object), name: 'Renamed' })),
      before,
    );
    expect(again.shelves.a).toBe(plan.shelves.a);
    expect(again.pages.home).toBe(plan.pages.home);
    expect(again.shelves.b).toMatchObject({ name: 'Renamed' });
    const [whole, wholeAgain] = [plan, again].map(completePlan);
    expect(wholeAgain!.shelves.a).toBe(whole!.shelves.a);
    expect(wholeAgain!.shelves.b).not.toBe(whole!.shelves.b);
    // Without what was read before, each time anew.
    expect(readPlan(kept()).plan.shelves.a).not.toBe(plan.shelves.a);
  });

  it('reads the same as one that is read for the first time, whatever was read before it', () => {
    const before: ReadBefore = new Map();
    const ways: ((plan: Kept) => void)[] = [
      () => undefined,
      ({ shelves }) => delete shelves.b,
      ({ shelves }) => (shelves.a = { ...(shelves.a as object), columns: 'none of these' }),
      () => undefined,
      ({ house }) =>
        (house.bands = [{ id: 'only', name: 'Only', from: 0, nominal: { width: 1280, height: 800 } }]),
      ({ pages }) => (pages.home = { ...(pages.home as object), bays: null }),
      () => undefined,
    ];
    for (const way of ways) {
      const again = readPlan(kept(way), before);
      expect(again).toEqual(readPlan(kept(way)));
      // What cannot be read is said each time it is met.
      expect(before.size).toBeGreaterThan(0);
    }
    expect(readPlan(kept(ways[2]), before).unreadable.map(({ key }) => key)).toEqual(['shelf:a']);
    expect(readPlan(kept(ways[2]), before).unreadable.map(({ key }) => key)).toEqual(['shelf:a']);
  });
});
