import fc from 'fast-check';
import type { LayoutId } from '../layouts/index.ts';
import { describe, expect, it } from 'vitest';
import type { ProductAssortment } from '../assortment/products.ts';
import { groupHolds } from '../assortment/holds.ts';
import { neverHolds } from '../assortment/never.ts';
import type { Group } from '../assortment/rule.ts';
import { checkSpecimens } from '../specimen/checks.ts';
import { goodsArbitrary, ruleArbitrary, specimenWorld } from '../specimen/rules.ts';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenNames,
  specimenPictured,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { shelvesIn } from '../view/shelvesIn.ts';
import type { PageView } from '../view/view.ts';
import { SEVERITIES, type Finding } from './check.ts';
import { checks, findingsIn, findingsOn } from './index.ts';

const find = (stored: StoredPlan, total: number, goods?: readonly Item[]) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, total, {}, goods), plan, specimenNames);
};
const key = ({ check, at }: Finding) => `${check} ${JSON.stringify(at)}`;

const someShelf = (id: string) =>
  fc
    .record({
      count: fc.record({
        phone: fc.integer({ min: 1, max: 4 }),
        tablet: fc.integer({ min: 1, max: 5 }),
        laptop: fc.integer({ min: 1, max: 6 }),
      }),
      by: fc.constantFrom('rows' as const, 'items' as const),
      byWidth: fc.boolean(),
      items: fc.integer({ min: 1, max: 40 }).map((phone) => ({ phone })),
      rows: fc.integer({ min: 1, max: 5 }),
      paging: fc.constantFrom('none' as const, 'numbered' as const, 'onReach' as const),
      layout: fc.constantFrom<LayoutId>('grid', 'grid', 'grid', 'carousel', 'slider', 'masonry', 'mosaic'),
      visible: fc.integer({ min: 10, max: 60 }).map((tenths) => tenths / 10),
      play: fc.boolean(),
      notTwice: fc.boolean(),
    })
    .map(({ count, by, byWidth, items, rows, paging, notTwice, layout, visible, play }) =>
      specimenShelf(id, {
        columns: { by: byWidth ? 'width' : 'count', count, smallest: { phone: 230 } },
        amount: { by, items, rows: { phone: rows } },
        paging: { by: paging },
        layout: { phone: layout },
        layoutOwn: { carousel: { visible: { phone: visible } } },
        moving: { play, restMs: 9_000 },
        notTwice,
      }),
    );

describe('every check', () => {
  it('has a fix that removes its finding and adds none as weighty', () => {
    fc.assert(
      fc.property(
        someShelf('upper'),
        someShelf('lower'),
        fc.constantFrom(0, 1, 5, 24, 64, 300),
        (upper, lower, total) => {
          const plan = specimenStored([upper, lower]);
          const before = find(plan, total);
          const known = new Set(before.map(key));
          for (const finding of before) {
            if (!finding.fix) continue;
            const after = find(apply(plan, finding.fix.command), total);
            expect(after.map(key)).not.toContain(key(finding));
            const weight = SEVERITIES.indexOf(finding.severity);
            const added = after.filter(
              (one) => !known.has(key(one)) && SEVERITIES.indexOf(one.severity) <= weight,
            );
            expect(added).toEqual([]);
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  it('has a specimen that makes it fire', () => {
    expect(Object.keys(checkSpecimens).sort()).toEqual(checks.map(({ id }) => id).sort());
  });

  it.each(Object.entries(checkSpecimens))(
    '%s fires, and its fix mends it',
    (id, { plan, total = 64, goods, fixes }) => {
      const found = find(plan, total, goods).filter(({ check }) => check === id);
      expect(found.length).toBeGreaterThan(0);
      expect(found.some(({ fix }) => fix !== null)).toBe(fixes);
      for (const finding of found) {
        expect(finding.text).toMatch(/^\S.{8}/);
        if (!finding.fix) continue;
        const after = find(apply(plan, finding.fix.command), total, goods);
        expect(after.map(key)).not.toContain(key(finding));
      }
    },
  );

  it('takes nothing away that is only not read: a shelf, an assortment, one that tops up', () => {
    const fallback = { fewerThan: 4, then: 'topUp' as const, from: 'y' };
    const plan = completePlan({
      ...specimenStored(
        [
          specimenShelf('a', { assortmentId: 'x' }),
          specimenShelf('b', { assortment: { of: 'products', fallback } }),
        ],
        [specimenBay('a'), specimenBay('b'), specimenBay('c')],
      ),
    });
    const keys = ['shelf:c', 'assortment:x', 'assortment:y'] as const;
    const about = /shelf-gone|assortment-gone/;
    const lost = findingsIn(plan, specimenNames).filter(({ check }) => about.test(check));
    expect(lost).toHaveLength(3);
    expect(lost.every(({ fix }) => fix)).toBe(true);
    const found = findingsIn(plan, specimenNames, new Set(keys)).filter(({ check }) => about.test(check));
    expect(found.map(({ at }) => at)).toEqual(lost.map(({ at }) => at));
    for (const { text, fix } of found) {
      expect(text).toMatch(/cannot be read; reset it first$/);
      expect(fix).toBeNull();
    }
  });

  it('has an id, a title and a file of its own', () => {
    expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
  });
});

const shelfOf = (rule: Group, more: Partial<ProductAssortment> = {}) =>
  specimenShelf('a', { assortment: { of: 'products', rule, ...more } });
const foundBy = (check: string, plan: StoredPlan) =>
  find(plan, 64).find((finding) => finding.check === check);

describe('what a rule says', () => {
  const headed = (words: string, rule: Group, order: ProductAssortment['order']) =>
    specimenStored([shelfOf(rule, { order })], [specimenBay('a', { heading: { words } })]);
  const all: Group = { join: 'all', parts: [] };

  it('is held against the heading', () => {
    expect(foundBy('heading-at-odds', headed('New in', all, { by: 'title' }))?.text).toContain('"New in"');
    expect(foundBy('heading-at-odds', headed('New in', all, { by: 'newest' }))).toBeUndefined();
    expect(foundBy('heading-at-odds', headed('The renewed jug', all, { by: 'title' }))).toBeUndefined();
    const reduced: Group = { join: 'all', parts: [{ is: 'reduced', percent: 0 }] };
    expect(foundBy('heading-at-odds', headed('On sale', reduced, { by: 'title' }))).toBeUndefined();
    expect(foundBy('heading-at-odds', headed('On sale', all, { by: 'priceUp' }))).toBeDefined();
  });

  it('is found where it names what is gone, and forgotten by one press where it was by hand', () => {
    const byHand = { putIn: [7], leftOut: [], pins: [{ id: 9999, place: 1 }] };
    const plan = specimenStored([shelfOf(all, { byHand })]);
    const finding = foundBy('gone-from-rule', plan)!;
    expect(finding.text).toBe('1 product chosen by hand was removed');
    const after = apply(plan, finding.fix!.command);
    expect(foundBy('gone-from-rule', after)).toBeUndefined();
    expect(after.shelves.a!.assortment).toMatchObject({ byHand: { putIn: [7], pins: [] } });
    const rule: Group = { join: 'all', parts: [{ is: 'category', ids: [99], below: true }] };
    expect(foundBy('gone-from-rule', specimenStored([shelfOf(rule)]))?.text).toContain('category 99');
  });

  it('is told of filters as well, which the fix takes out', () => {
    const withFilters = (filters: { id: string; words?: string }[]) =>
      specimenStored([specimenShelf('a', { tools: { filters } })]);
    expect(foundBy('filter-gone', withFilters([{ id: 'price' }, { id: 'brand' }]))).toBeUndefined();
    const plan = withFilters([{ id: 'option.9', words: 'Size' }, { id: 'price' }, { id: 'measure.gone' }]);
    const finding = foundBy('filter-gone', plan)!;
    expect(finding.text).toBe('2 filters go by what was removed, and shoppers do not see them');
    expect(foundBy('filter-gone', withFilters([{ id: 'option.9', words: 'Size' }]))!.text).toBe(
      'Shoppers do not see "Size": what it goes by was removed',
    );
    const after = apply(plan, finding.fix!.command);
    expect(after.shelves.a!.tools!.filters).toEqual([{ id: 'price' }]);
    expect(foundBy('filter-gone', after)).toBeUndefined();
  });

  it('is found where no product can ever meet it, and only there', () => {
    fc.assert(
      fc.property(ruleArbitrary, goodsArbitrary, (rule, goods) => {
        if (neverHolds(rule))
          expect(goods.filter((product) => groupHolds(rule, product, specimenWorld))).toEqual([]);
      }),
      { numRuns: 400 },
    );
    const never: Group = {
      join: 'all',
      parts: [
        { is: 'price', least: null, most: 500 },
        { is: 'price', least: 600, most: null },
      ],
    };
    expect(foundBy('rule-never-matches', specimenStored([shelfOf(never)]))).toBeDefined();
    expect(foundBy('rule-never-matches', specimenStored([shelfOf(all)]))).toBeUndefined();
  });
});

describe('rows left short', () => {
  it('offers 12 for 10 at 2, 3 and 4 across', () => {
    const plan = specimenStored([specimenShelf('a', { amount: { by: 'items', items: { phone: 10 } } })]);
    const [finding] = find(plan, 64);
    expect(finding).toMatchObject({
      check: 'rows-left-short',
      text: 'Last row short at three widths',
      fix: { words: 'Show 12' },
    });
  });

  const picked = (ids: readonly number[], more: object = {}) =>
    specimenStored([
      specimenShelf('a', {
        amount: { by: 'items', items: { phone: 12 } },
        assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'named', ids: [...ids] }] } },
        ...more,
      }),
    ]);

  it('leaves off nothing that was picked by hand: other columns fill the rows', () => {
    const plan = picked([1, 2, 3, 4, 5, 6, 7, 8, 9, 10], {
      columns: { count: { phone: 2, tablet: 3, laptop: 4 } },
    });
    const [finding] = find(plan, 10);
    expect(finding!.fix!.words).toBe('Use 2 and 5 columns');
    const mended = apply(plan, finding!.fix!.command);
    expect(mended.shelves.a!.amount).toEqual(plan.shelves.a!.amount);
    expect(find(mended, 10).filter(({ check }) => check === 'rows-left-short')).toEqual([]);
  });

  it('has no fix where no near number of columns divides what was picked', () => {
    expect(find(picked([1, 2, 3, 4, 5, 6, 7]), 7)[0]).toMatchObject({ check: 'rows-left-short', fix: null });
    const rows = picked([1, 2, 3, 4, 5, 6, 7], { amount: { by: 'rows', rows: { phone: 4 } } });
    expect(find(rows, 7)[0]).toMatchObject({ check: 'rows-left-short', fix: null });
  });

  it('may show more of what was picked', () => {
    const plan = picked([1, 2, 3], { amount: { by: 'items', items: { phone: 10 } } });
    expect(find(plan, 12)[0]!.fix!.words).toBe('Show 12');
  });
});

describe('text over pictures', () => {
  const over = (background: 'none' | 'light' | 'dark', dominants: readonly string[]) => {
    const stored = specimenStored([
      specimenShelf('a', {
        card: { text: { reach: { phone: 40 }, background } },
        amount: { by: 'items', items: { phone: dominants.length } },
      }),
    ]);
    const found = find(
      stored,
      dominants.length,
      specimenPictured(...dominants.map((dominant) => ({ id: dominant, dominant }))),
    );
    return { stored, found: found.filter(({ check }) => check === 'text-over-picture') };
  };

  it('that it does not stand out from are counted, with the least contrast', () => {
    const { stored, found } = over('none', ['#202020', '#ffffff', '#333333']);
    expect(found).toHaveLength(1);
    expect(found[0]!.text).toMatch(
      /^Text over 2 pictures is hard to read: contrast 1\.\d, at least 4\.5 is needed$/,
    );
    const mended = completePlan(apply(stored, found[0]!.fix!.command));
    expect(mended.shelves.a!.card.text.background).toBe('dark');
  });

  it('with a background that it stands out on are no finding', () => {
    for (const background of ['dark', 'light'] as const)
      expect(over(background, ['#202020', '#ffffff']).found).toEqual([]);
    expect(over('none', ['#ffffff', '#f0f0f0']).found).toEqual([]);
  });
});

describe('a shelf whose items are still to come', () => {
  it('is not looked at before it is known what it shows', () => {
    const plan = completePlan(specimenStored([specimenShelf('a')]));
    const view = specimenView(plan, 0);
    const waiting = {
      ...view,
      bays: view.bays.map((bay) => ({
        ...bay,
        content: { ...bay.content, shelf: { ...shelvesIn(bay)[0]!, coming: true } },
      })),
    } as PageView;
    expect(findingsOn(view, plan, specimenNames).map(({ check }) => check)).toContain('nothing-to-show');
    expect(findingsOn(waiting, plan, specimenNames)).toEqual([]);
  });
});
