import fc from 'fast-check';
import type { LayoutId } from '../layouts/index.ts';
import { describe, expect, it } from 'vitest';
import type { ProductAssortment } from '../assortment/products.ts';
import { groupHolds } from '../assortment/holds.ts';
import { neverHolds } from '../assortment/never.ts';
import type { Group } from '../assortment/rule.ts';
import { goodsArbitrary, ruleArbitrary, specimenWorld } from '../specimen/rules.ts';
import type { Item } from '../card/item.ts';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenHouse,
  specimenNames,
  specimenPicture,
  specimenPictured,
  specimenProduct,
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

  /** A bay of tabs, each with a shelf that shows so many. */
  const tabbed = (limits: readonly number[]): StoredPlan =>
    specimenStored(
      limits.map((limit, i) => specimenShelf(`s${i}`, { assortment: { of: 'products', limit } })),
      [
        specimenBay('a', {
          holds: 'tabs',
          tabs: limits.map((_, i) => ({ id: `t${i}`, shelfId: `s${i}` })),
        } as never),
      ],
    );

  /** A plan that makes each check fire, and how many of its findings have a fix. */
  const specimens: Record<
    string,
    { plan: StoredPlan; total?: number; goods?: readonly Item[]; fixes: boolean }
  > = {
    'parts-collide': {
      plan: specimenStored([
        specimenShelf('a', {
          card: {
            parts: {
              price: { zone: { phone: 'foot' } },
              code: { shown: { phone: true }, zone: { phone: 'lowerEnd' } },
            },
          },
        }),
      ]),
      goods: [{ of: 'products', product: specimenProduct(1, { code: 'KC-1001' }) }],
      fixes: true,
    },
    'target-too-small': {
      plan: specimenStored([
        specimenShelf('a', { columns: { by: 'count', count: { phone: 12, tablet: 4 } } }),
      ]),
      fixes: true,
    },
    'labels-collide': {
      plan: {
        ...specimenStored([specimenShelf('a', { columns: { by: 'count', count: { phone: 3 } } })]),
        house: {
          labels: {
            list: [
              { id: 'sale', kind: 'sale', words: 'Save {saved} while it lasts' },
              { id: 'new', kind: 'featured', words: 'Our own favourite', at: 'upperEnd' },
            ],
          },
        },
      },
      goods: [
        {
          of: 'products',
          product: specimenProduct(1, {
            featured: true,
            price: { regular: 4400, reduced: 2850, from: false },
            pictures: [specimenPicture()],
          }),
        },
      ],
      fixes: true,
    },
    'label-colours': {
      plan: {
        ...specimenStored([specimenShelf('a')]),
        house: {
          ...specimenHouse,
          labels: { list: [{ id: 'sale', kind: 'sale', ground: '#ffee00', ink: '#ffffff' }] },
        },
      },
      fixes: true,
    },
    'only-on-hover': {
      plan: specimenStored([
        specimenShelf('a', { card: { parts: { price: { zone: { phone: 'foot' }, when: 'hover' } } } }),
      ]),
      fixes: true,
    },
    'button-text-clipped': {
      plan: specimenStored([
        specimenShelf('a', {
          columns: { by: 'count', count: { phone: 3 } },
          card: { parts: { save: { shown: { phone: true }, shows: 'both', words: 'Keep it for later on' } } },
        }),
      ]),
      fixes: true,
    },
    'text-clipped': {
      plan: specimenStored([specimenShelf('a', { card: { parts: { title: { lines: 1 } } } })]),
      goods: ['Wide-rimmed bowl', 'Mug', 'Jug', 'Low tide stoneware planter'].map((title, i) => ({
        of: 'products',
        product: specimenProduct(i + 1, { title }),
      })),
      fixes: true,
    },
    'crop-loses': {
      plan: specimenStored([
        specimenShelf('a', { card: { parts: { picture: { ratio: { phone: '2:3' } } } } }),
      ]),
      goods: specimenPictured({ width: 1500, height: 1000 }, { width: 1800, height: 1100 }),
      fixes: true,
    },
    'picture-too-small': {
      plan: specimenStored([specimenShelf('a', {})]),
      goods: specimenPictured({ width: 90, height: 110 }),
      fixes: false,
    },
    'text-over-picture': {
      plan: specimenStored([
        specimenShelf('a', { card: { text: { reach: { phone: 40 }, background: 'none' } } }),
      ]),
      goods: specimenPictured({ dominant: '#202020' }),
      fixes: true,
    },
    'text-hard-to-read': {
      plan: specimenStored([
        specimenShelf('a', { style: { price: { cardHover: { textColour: '#bbbbbb' } } } }),
      ]),
      fixes: true,
    },
    'part-alone': {
      plan: specimenStored([
        specimenShelf('a', {
          card: {
            parts: {
              quantity: { shown: { phone: true } },
              basket: { shown: { phone: false, laptop: true } },
            },
          },
        }),
      ]),
      fixes: true,
    },
    'field-missing': {
      plan: specimenStored([
        specimenShelf('a', { card: { parts: { field: { shown: { phone: true }, field: 'width' } } } }),
      ]),
      fixes: true,
    },
    'leads-nowhere': {
      plan: specimenStored([], [specimenBay('a', { holds: 'jump', words: 'Down', target: 'b' } as never)]),
      fixes: false,
    },
    'name-taken': {
      plan: specimenStored(
        [],
        ['a', 'b'].map((id) => specimenBay(id, { holds: 'notice', words: 'Hello', anchor: 'sale' } as never)),
      ),
      fixes: true,
    },
    'arranged-gone': {
      plan: (() => {
        const stored = specimenStored([specimenShelf('a')]);
        const one = { id: 'one', kind: 'category', name: 'One', about: 99_999, bays: [] };
        return { ...stored, pages: { ...stored.pages, one } };
      })(),
      fixes: true,
    },
    'times-at-odds': {
      plan: specimenStored(
        [specimenShelf('a')],
        [
          specimenBay('a', {
            holds: 'shelf',
            shelfId: 'a',
            from: '2026-12-02T09:00',
            until: '2026-12-01T09:00',
          } as never),
        ],
      ),
      fixes: true,
    },
    'tabs-alike': { plan: tabbed([4, 4]), fixes: false },
    'tabs-many': { plan: tabbed([1, 2, 3, 4, 5, 6]), fixes: false },
    'tabs-uneven': { plan: tabbed([8, 2]), fixes: false },
    'shelf-gone': { plan: specimenStored([], [specimenBay('a')]), fixes: true },
    'assortment-gone': {
      plan: specimenStored([specimenShelf('a', { assortmentId: 'nowhere' })]),
      fixes: true,
    },
    'top-up-returns': {
      plan: {
        ...specimenStored([specimenShelf('a')]),
        assortments: Object.fromEntries(
          [
            ['x', 'y'],
            ['y', 'x'],
          ].map(([id, from]) => [
            id!,
            {
              id: id!,
              name: id!.toUpperCase(),
              assortment: {
                of: 'products' as const,
                fallback: { fewerThan: 4, then: 'topUp' as const, from: from! },
              },
            },
          ]),
        ),
      },
      fixes: true,
    },
    'widths-gone': {
      plan: specimenStored([specimenShelf('a')], [specimenBay('a', { bands: ['wall'] })]),
      fixes: true,
    },
    'page-address': {
      plan: {
        ...specimenStored([specimenShelf('a')]),
        pages: {
          ...specimenStored([specimenShelf('a')]).pages,
          // On the very page that is looked at, so that it is among its findings.
          home: { id: 'home', kind: 'own', name: 'Ours', bays: [specimenBay('a')] },
        },
      },
      fixes: false,
    },
    'rule-never-matches': {
      plan: specimenStored([
        specimenShelf('a', {
          assortment: {
            of: 'products',
            rule: {
              join: 'all',
              parts: [
                { is: 'price', least: null, most: 500 },
                { is: 'price', least: 600, most: null },
              ],
            },
          },
        }),
      ]),
      fixes: false,
    },
    'nothing-to-show': { plan: specimenStored([specimenShelf('a')]), total: 0, fixes: true },
    'rows-left-short': {
      plan: specimenStored([specimenShelf('a', { amount: { by: 'items', items: { phone: 10 } } })]),
      fixes: true,
    },
    'same-product-twice': {
      plan: specimenStored([specimenShelf('a'), specimenShelf('b')]),
      fixes: true,
    },
    'cannot-move': {
      plan: specimenStored([
        specimenShelf('a', {
          layout: { phone: 'carousel' },
          layoutOwn: { carousel: { visible: { phone: 6 } } },
        }),
      ]),
      total: 4,
      fixes: true,
    },
    'round-too-long': {
      plan: specimenStored([
        specimenShelf('a', {
          layout: { phone: 'slider' },
          moving: { play: true, restMs: 9_000 },
        }),
      ]),
      fixes: false,
    },
    'end-above-foot': {
      plan: specimenStored([specimenShelf('a', { paging: { by: 'onReach' } }), specimenShelf('b')]),
      fixes: true,
    },
    'lying-over': {
      plan: specimenStored(
        [specimenShelf('a'), specimenShelf('b')],
        [specimenBay('a'), specimenBay('b', { look: { rise: { phone: 100 } } })],
      ),
      fixes: true,
    },
    'heading-at-odds': {
      plan: specimenStored(
        [specimenShelf('a', { assortment: { of: 'products', order: { by: 'title' } } })],
        [specimenBay('a', { heading: { words: 'New in' } })],
      ),
      fixes: false,
    },
    'gone-from-rule': {
      plan: specimenStored([
        specimenShelf('a', {
          assortment: {
            of: 'products',
            byHand: { putIn: [], leftOut: [], pins: [{ id: 9999, place: 1 }] },
          },
        }),
      ]),
      fixes: true,
    },
    'first-headings': {
      plan: specimenStored(
        [specimenShelf('a'), specimenShelf('b')],
        ['a', 'b'].map((id) => specimenBay(id, { heading: { words: id, level: 1 } })),
      ),
      fixes: true,
    },
  };

  it('has a specimen that makes it fire', () => {
    expect(Object.keys(specimens).sort()).toEqual(checks.map(({ id }) => id).sort());
  });

  it.each(Object.entries(specimens))(
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
