import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { specimenBay, specimenColumns, specimenStored } from '../specimen/specimen.ts';
import { apply, copyOf, type Command } from './commands.ts';
import { copyLines } from './copyLines.ts';
import { asLaidOut, giverOf, isOwnSetting, laidOutLike, setApart, whereItIsFrom } from './like.ts';
import { otherWayOf } from './places.ts';
import type { StoredShelf } from './shelf.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';

const lead: StoredShelf = {
  id: 'lead',
  name: 'Lead',
  columns: { count: { phone: 3 } },
  layout: { phone: 'carousel' },
  notTwice: true,
};
const follower: StoredShelf = {
  id: 'follower',
  name: 'Follower',
  like: 'lead',
  columns: { count: { phone: 5 } },
  assortment: { of: 'products', limit: 7 },
};
const planOf = (...shelves: StoredShelf[]): StoredPlan => specimenStored(shelves);
const run = (plan: StoredPlan, command: Command) => apply(plan, whereItIsFrom(plan, command));

describe('a shelf that is laid out like another', () => {
  const plan = planOf(lead, follower);

  it('has layout and look from there, and what it shows and is called from itself', () => {
    const complete = completePlan(plan).shelves.follower!;
    expect(complete.columns.count).toEqual(completePlan(plan).shelves.lead!.columns.count);
    expect(complete.layout.phone).toBe('carousel');
    expect(complete).toMatchObject({ id: 'follower', name: 'Follower', notTwice: false });
    expect(complete.assortment).toMatchObject({ limit: 7 });
  });

  it('is the very same while neither changes, and another once either does', () => {
    expect(asLaidOut(plan.shelves, plan.shelves.follower!)).toBe(
      asLaidOut(plan.shelves, plan.shelves.follower!),
    );
    const next = run(plan, specimenColumns('lead', 2));
    expect(completePlan(next).shelves.follower).not.toBe(completePlan(plan).shelves.follower);
    expect(completePlan(next).shelves.follower!.columns.count.phone).toBe(2);
  });

  it('is changed there where it is from there, and here where it is its own', () => {
    const next = run(plan, {
      do: 'together',
      commands: [
        specimenColumns('follower', 2),
        { do: 'set', on: { shelf: 'follower' }, setting: 'assortment.limit', value: 3 },
        { do: 'set', on: { shelf: 'follower' }, setting: 'notTwice', value: true },
      ],
    });
    expect(next.shelves.lead!.columns?.count).toMatchObject({ phone: 2 });
    expect(next.shelves.lead!.assortment).toBeUndefined();
    expect(next.shelves.follower).toMatchObject({ notTwice: true, assortment: { limit: 3 } });
    expect(next.shelves.follower!.columns).toEqual(follower.columns);
  });

  it('looks as it did once it is set apart, and then goes its own way', () => {
    const apart = setApart(plan.shelves, plan.shelves.follower!);
    const next = planOf(lead, apart);
    const [was, now] = [plan, next].map((one) => completePlan(one).shelves.follower!);
    expect({ ...now, like: null }).toEqual({ ...was, like: null });
    expect(run(next, specimenColumns('follower', 6)).shelves.lead).toBe(next.shelves.lead);
    expect(laidOutLike(apart, 'lead')).toEqual({
      id: 'follower',
      name: 'Follower',
      like: 'lead',
      assortment: { of: 'products', limit: 7 },
    });
  });

  it('has its own where the other is gone, and where they go round in a circle', () => {
    expect(completePlan(planOf(follower)).shelves.follower!.columns.count.phone).toBe(5);
    const circle = planOf({ ...lead, like: 'follower' }, follower);
    expect(completePlan(circle).shelves.follower!.columns.count.phone).toBe(5);
    expect(completePlan(circle).shelves.lead!.columns.count.phone).toBe(3);
  });

  it('comes to an end, whoever is like whom, and always at one that gives to itself', () => {
    const ids = ['a', 'b', 'c', 'd', 'e'];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...ids, 'gone', null), { minLength: 5, maxLength: 5 }),
        (likes) => {
          const shelves = Object.fromEntries(
            ids.map((id, i) => [id, { id, ...(likes[i] !== null && { like: likes[i]! }) }]),
          );
          for (const id of ids) {
            const giver = giverOf(shelves, id);
            expect(Object.hasOwn(shelves, giver)).toBe(true);
            const like = shelves[giver]!.like;
            // Nothing further gives to it, or it is in a circle and stands for itself.
            if (like !== undefined && Object.hasOwn(shelves, like)) expect(giver).toBe(id);
          }
        },
      ),
    );
  });
});

describe('bays of such shelves', () => {
  const bay = (shelfId: string) => specimenBay(`bay-${shelfId}`, { holds: 'shelf', shelfId } as never);
  const third: StoredShelf = { id: 'third', name: 'Third', like: 'lead' };
  const plan = specimenStored([lead, follower, third], [bay('lead'), bay('follower'), bay('third')]);

  it('stay as they are when the one they are like goes: one has it from then on, the other from that one', () => {
    const next = apply(plan, { do: 'removeBay', page: 'home', bay: 'bay-lead' });
    expect(next.shelves.lead).toBeUndefined();
    expect(next.shelves.third).toMatchObject({ like: 'follower' });
    for (const id of ['follower', 'third'])
      expect({ ...completePlan(next).shelves[id]!, like: null }).toEqual({
        ...completePlan(plan).shelves[id]!,
        like: null,
      });
  });

  it('are copied so that the copies are like one another', () => {
    const tabs = specimenBay('tabs', {
      holds: 'tabs',
      tabs: [
        { id: 'a', shelfId: 'lead' },
        { id: 'b', shelfId: 'follower' },
      ],
    } as never);
    const copy = copyOf(tabs, plan.shelves, { tabs: 'tabs-2', lead: 'lead-2', follower: 'follower-2' });
    expect(copy.bay).toMatchObject({
      id: 'tabs-2',
      tabs: [{ shelfId: 'lead-2' }, { shelfId: 'follower-2' }],
    });
    expect(copy.shelves).toMatchObject([{ id: 'lead-2' }, { id: 'follower-2', like: 'lead-2' }]);
    expect(copy.shelves[0]).not.toHaveProperty('like');
    // One that is like a shelf which is not copied along stays so.
    expect(copyOf(bay('third'), plan.shelves, { 'bay-third': 'x', third: 'y' }).shelves).toEqual([
      { ...third, id: 'y' },
    ]);
  });

  it('are tried another way alone, and are apart once that is kept', () => {
    const tried = apply(plan, { do: 'tryAnother', shelf: 'follower' });
    const other = otherWayOf('follower');
    const changed = run(tried, specimenColumns(other, 6));
    expect(changed.shelves.lead).toBe(plan.shelves.lead);
    const kept = apply(changed, { do: 'keepWay', shelf: 'follower', keep: 'other' });
    expect(completePlan(kept).shelves.follower!.columns.count.phone).toBe(6);
    expect(kept.shelves.follower!.like).toBeUndefined();
    expect(kept.shelves[other]).toBeUndefined();
  });

  it('give what they have from another when their lines are copied', () => {
    const shown = specimenBay('far', { holds: 'shelf', shelfId: 'far' } as never);
    const wider = specimenStored([lead, follower, { id: 'far' }], [bay('follower'), shown]);
    const command = copyLines(
      wider,
      { page: 'home', bay: 'bay-follower', shelf: 'follower' },
      ['columns'],
      [{ page: 'home', bay: 'far', shelf: 'far' }],
    );
    expect(completePlan(run(wider, command)).shelves.far!.columns.count.phone).toBe(3);
  });
});

it('knows what a shelf has to itself', () => {
  expect(['assortment.limit', 'notTwice', 'name', 'like'].every(isOwnSetting)).toBe(true);
  expect(['columns.count', 'layout', 'card.order', 'style.title.rest.size'].some(isOwnSetting)).toBe(false);
});
