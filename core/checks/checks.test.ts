import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apply } from '../plan/commands.ts';
import type { Plan } from '../plan/plan.ts';
import { specimenPlan, specimenShelf, specimenView } from '../specimen/specimen.ts';
import { SEVERITIES, type Finding } from './check.ts';
import { checks, findingsOn } from './index.ts';

const find = (plan: Plan, total: number) => findingsOn(specimenView(plan, total), plan);
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
      items: fc.integer({ min: 1, max: 40 }),
      rows: fc.integer({ min: 1, max: 5 }),
      paged: fc.boolean(),
      notTwice: fc.boolean(),
    })
    .map(({ count, by, byWidth, items, rows, paged, notTwice }) =>
      specimenShelf(id, {
        across: { by: byWidth ? 'width' : 'count', count, smallest: { phone: 230 } },
        amount: { by, items, rows: { phone: rows } },
        pager: paged ? 'numbered' : 'none',
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

describe('rows left short', () => {
  it('offers 12 for 10 at 2, 3 and 4 across', () => {
    const plan = specimenPlan([
      specimenShelf('a', { amount: { by: 'items', items: 10, rows: { phone: 2 } } }),
    ]);
    const [finding] = find(plan, 64);
    expect(finding).toMatchObject({
      check: 'rows-left-short',
      text: 'Last row short at three widths',
      fix: { words: 'Show 12' },
    });
  });
});
