import fc from 'fast-check';
import type { FormId } from '../forms/formKind.ts';
import { describe, expect, it } from 'vitest';
import type { ProductAssortment } from '../assortment/assortment.ts';
import { groupHolds } from '../assortment/holds.ts';
import { neverHolds } from '../assortment/never.ts';
import type { Group } from '../assortment/rule.ts';
import { firstBands, newAssortment, newShelf } from '../plan/atFirst.ts';
import { goodsArbitrary, ruleArbitrary, specimenWorld } from '../specimen/rules.ts';
import { apply } from '../plan/commands.ts';
import type { Plan } from '../plan/plan.ts';
import {
  specimenBay,
  specimenNames,
  specimenPlan,
  specimenShelf,
  specimenView,
} from '../specimen/specimen.ts';
import { SEVERITIES, type Finding } from './check.ts';
import { checks, findingsOn } from './index.ts';

const find = (plan: Plan, total: number) => findingsOn(specimenView(plan, total), plan, specimenNames);
const key = ({ check, bayId }: Finding) => `${check} ${bayId}`;

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
      form: fc.constantFrom<FormId>('grid', 'grid', 'grid', 'carousel', 'slider', 'masonry', 'mosaic'),
      visible: fc.integer({ min: 10, max: 60 }).map((tenths) => tenths / 10),
      play: fc.boolean(),
      notTwice: fc.boolean(),
    })
    .map(({ count, by, byWidth, items, rows, paging, notTwice, form, visible, play }) =>
      specimenShelf(id, {
        across: { by: byWidth ? 'width' : 'count', count, smallest: { phone: 230 } },
        amount: { by, items, rows: { phone: rows } },
        paging: { by: paging, words: '', link: '' },
        form: { phone: form },
        visible: { phone: visible },
        moving: { ...newShelf(id, firstBands).moving, play, restMs: 9_000 },
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
          const plan = specimenPlan([upper, lower]);
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

  it('has an id, a title and a file of its own', () => {
    expect(new Set(checks.map(({ id }) => id)).size).toBe(checks.length);
  });
});

const shelfOf = (rule: Group, more: Partial<ProductAssortment> = {}) =>
  specimenShelf('a', { assortment: { ...newAssortment('products'), rule, ...more } });
const foundBy = (check: string, plan: Plan) => find(plan, 64).find((finding) => finding.check === check);

describe('what a rule says', () => {
  const headed = (words: string, rule: Group, order: ProductAssortment['order']) =>
    specimenPlan(
      [shelfOf(rule, { order })],
      [specimenBay('a', { heading: { words, level: 2, align: 'start' } })],
    );
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
    const plan = specimenPlan([shelfOf(all, { byHand })]);
    const finding = foundBy('gone-from-rule', plan)!;
    expect(finding.text).toBe('1 product chosen by hand is gone');
    const after = apply(plan, finding.fix!.command);
    expect(foundBy('gone-from-rule', after)).toBeUndefined();
    expect(after.shelves.a!.assortment).toMatchObject({ byHand: { putIn: [7], pins: [] } });
    const rule: Group = { join: 'all', parts: [{ is: 'category', ids: [99], below: true }] };
    expect(foundBy('gone-from-rule', specimenPlan([shelfOf(rule)]))?.text).toContain('category 99');
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
    expect(foundBy('rule-never-matches', specimenPlan([shelfOf(never)]))).toBeDefined();
    expect(foundBy('rule-never-matches', specimenPlan([shelfOf(all)]))).toBeUndefined();
  });
});

describe('rows left short', () => {
  it('offers 12 for 10 at 2, 3 and 4 across', () => {
    const plan = specimenPlan([
      specimenShelf('a', { amount: { by: 'items', items: { phone: 10 }, rows: { phone: 2 } } }),
    ]);
    const [finding] = find(plan, 64);
    expect(finding).toMatchObject({
      check: 'rows-left-short',
      text: 'Last row short at three widths',
      fix: { words: 'Show 12' },
    });
  });
});
