import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findingsIn } from '../checks/index.ts';
import { firstPlan } from '../pages/firstPlan.ts';
import { aboutId, pageFor, pageKind, pageKinds, pagesFor } from '../pages/index.ts';
import { specimenNames } from '../specimen/specimen.ts';
import { changesBetween } from '../change/changesBetween.ts';
import { checkDocument } from './checkDocument.ts';
import { apply } from './commands.ts';
import { arrangeOne, dropPage, idsIn } from './pageEdits.ts';
import { shelvesOf } from './places.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';
import { subjectOf } from './target.ts';

const base = firstPlan('Clay');
const singly = pageKinds.filter((kind) => kind.singly);

function withOne(plan: StoredPlan, kind: string, about: number, id = `one-${kind}-${about}`): StoredPlan {
  const page = plan.pages[kind]!;
  const ids = Object.fromEntries(idsIn(page).map((one) => [one, `${id}-${one}`]));
  return apply(plan, arrangeOne(plan, page, { about, name: 'Gift sets' }, { ...ids, [page.id]: id }));
}

describe('one thing that is arranged separately', () => {
  it('is a category, a collection, a product or an entry, and nothing of one shopper', () => {
    expect(singly.map(({ id }) => id)).toEqual(['category', 'collection', 'product', 'entry']);
    expect(aboutId(pageKind('category'), { category: { id: 7 } as never })).toBe(7);
    expect(aboutId(pageKind('category'), { category: null })).toBeNull();
    expect(aboutId(pageKind('order'), { order: { id: 7 } as never })).toBeNull();
    expect(aboutId(pageKind('quick'), { product: { id: 7 } as never })).toBeNull();
  });

  it('has its own page from then on, and all others the one that they had', () => {
    for (const { id: kind } of singly) {
      const plan = withOne(base, kind, 7);
      const complete = completePlan(plan);
      const own = pageFor(complete, pageKind(kind), 'any', 7)!;
      expect(own).toMatchObject({ id: `one-${kind}-7`, about: 7, name: `${pageKind(kind).name}: Gift sets` });
      for (const other of [null, 8]) expect(pageFor(complete, pageKind(kind), 'any', other)!.id).toBe(kind);
      expect(pagesFor(complete, pageKind(kind), 'any')).toHaveLength(2);
      expect(checkDocument(`page:${own.id}`, plan.pages[own.id])).toBeNull();
    }
  });

  it('begins as it looked, with shelves of its own, so that neither changes with the other', () => {
    const plan = withOne(base, 'category', 7);
    const [own, all] = [plan.pages['one-category-7']!, plan.pages.category!];
    expect(own.bays.map(({ holds }) => holds)).toEqual(all.bays.map(({ holds }) => holds));
    const shelves = (page: typeof own) => page.bays.flatMap((bay) => [...shelvesOf(bay)]);
    expect(shelves(own).filter((id) => shelves(all).includes(id))).toEqual([]);
    const strip = (id: string) => ({ ...plan.shelves[id], id: '' });
    expect(shelves(own).map(strip)).toEqual(shelves(all).map(strip));
    const set = apply(plan, {
      do: 'set',
      on: { shelf: shelves(own)[0]! },
      setting: 'gap.column',
      value: { phone: 40 },
    });
    expect(set.shelves[shelves(all)[0]!]).toBe(plan.shelves[shelves(all)[0]!]);
  });

  it('goes back to how all others are, leaving nothing behind', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.tuple(
            fc.constantFrom('category', 'collection', 'product', 'entry'),
            fc.integer({ min: 1, max: 9 }),
          ),
          {
            selector: (one) => one.join(),
            maxLength: 5,
          },
        ),
        (all) => {
          const plan = all.reduce((at, [kind, about]) => withOne(at, kind, about), base);
          const back = all.reduce(
            (at, [kind, about]) => apply(at, dropPage(at.pages[`one-${kind}-${about}`]!)),
            plan,
          );
          expect(back).toEqual(base);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('is said among the changes, and can be reverted there', () => {
    const plan = withOne(base, 'product', 7);
    const [only, ...others] = changesBetween(base, plan, specimenNames);
    expect([only!.text, others]).toEqual(['is a new page', []]);
    expect(apply(plan, only!.takeBack)).toEqual(base);
  });

  it('may say what it is about in its own words, which the page of all cannot', () => {
    const off = (page: string) => {
      const plan = withOne(base, 'category', 7);
      const { settings } = subjectOf(plan, { page })!;
      const document = completePlan(plan).pages[page] as unknown as Record<string, unknown>;
      return settings.find(({ id }) => id === 'description')!.offBecause!((id) => document[id]);
    };
    expect(off('one-category-7')).toBeNull();
    expect(off('category')).not.toBeNull();
  });

  it('is found where it is gone, or arranged twice, with a fix that leaves nothing of it', () => {
    const found = (plan: StoredPlan) =>
      findingsIn(completePlan(plan), specimenNames).filter(({ check }) => check === 'arranged-gone');
    const there = withOne(base, 'category', 1);
    expect(found(there)).toEqual([]);
    const gone = withOne(there, 'category', 99_999);
    expect(found(gone).map(({ text }) => text)).toEqual([
      '"Category: Gift sets" is arranged for a category that is gone',
    ]);
    expect(apply(gone, found(gone)[0]!.fix!.command)).toEqual(there);
    const twice = withOne(there, 'category', 1, 'again');
    expect(found(twice).map(({ text }) => text)).toEqual([
      '"Category: Gift sets" is the second arrangement of one category, so it is not shown',
    ]);
    expect(apply(twice, found(twice)[0]!.fix!.command)).toEqual(there);
    expect(pageFor(completePlan(twice), pageKind('category'), '', 1)!.id).toBe('one-category-1');
  });

  it('is refused for what cannot be an id', () => {
    for (const about of [0, -1, 1.5, '7', 'x', {}])
      expect(
        checkDocument('page:x', { id: 'x', kind: 'category', name: 'X', about, bays: [] }),
        String(about),
      ).not.toBeNull();
  });
});
