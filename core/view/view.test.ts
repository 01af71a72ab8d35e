import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pageCss } from '../css/pageCss.ts';
import { stepAt } from '../geometry/steps.ts';
import { faceOf, type Item } from '../card/item.ts';
import { apply, type Command } from '../plan/commands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenPlan,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenView,
  specimenViewOf,
} from '../specimen/specimen.ts';
import { viewWith } from './driveView.ts';
import type { ItemsAnswer, ItemsRequest, PageView, ShelfView } from './view.ts';
import { shelvesIn } from './shelvesIn.ts';
import { shelfMeasure } from './shelfMeasure.ts';

const shelfOf = (view: PageView, at = 0): ShelfView => shelvesIn(view.bays[at]!)[0]!;

const paged = (rows: Record<string, number>, count: Record<string, number>) =>
  specimenPlan([
    specimenShelf('list', {
      paging: { by: 'numbered' },
      amount: { rows },
      columns: { count },
    }),
  ]);

/** Offset that a link of a pager leads to. */
const offset = (href: string) => Number(/list\.from=(\d+)/.exec(href)?.[1] ?? 0);

describe('one HTML for every width', () => {
  it('walking forward with the pager of one band shows each item from there to the end once, in order', () => {
    fc.assert(
      fc.property(
        fc.record({ phone: fc.integer({ min: 1, max: 4 }), laptop: fc.integer({ min: 1, max: 4 }) }),
        fc.record({
          phone: fc.integer({ min: 1, max: 3 }),
          tablet: fc.integer({ min: 1, max: 5 }),
          wide: fc.integer({ min: 1, max: 6 }),
        }),
        fc.integer({ min: 1, max: 90 }),
        fc.nat(120),
        fc.constantFrom(375, 800, 1180, 1440),
        (rows, count, total, begin, width) => {
          const plan = paged(rows, count);
          const seen: number[] = [];
          let from: number | null = begin;
          let first: number | null = null;
          for (let turns = 0; from !== null && turns < 200; turns += 1) {
            const shelf: ShelfView = shelfOf(
              specimenView(plan, total, { address: { path: '/', from: { list: from }, open: {} } }),
            );
            const step = stepAt(shelf.steps, width);
            first ??= step.shows.start;
            seen.push(
              ...shelf.cards
                .slice(step.shows.start - shelf.held.start, step.shows.end - shelf.held.start)
                .map((card) => card.id),
            );
            const pager = shelf.pagers.find((one) =>
              one.steps.some((range) => range.from <= width && width < range.to),
            );
            from = pager && pager.next !== null ? offset(pager.href[pager.next]!) : null;
          }
          expect(seen).toEqual(Array.from({ length: total - first! }, (_, i) => first! + i + 1));
        },
      ),
      { numRuns: 150 },
    );
  });

  it('holds no more than twice the largest page', () => {
    const view = specimenView(paged({ phone: 3, laptop: 2 }, { phone: 2, tablet: 3, laptop: 5 }), 200, {
      address: { path: '/', from: { list: 47 }, open: {} },
    });
    const shelf = shelfOf(view);
    expect(shelf.cards.length).toBeLessThan(2 * Math.max(...shelf.steps.map((step) => step.size)));
  });

  it('hides at each width what is not its own, and shows one pager', () => {
    const view = specimenView(paged({ phone: 3 }, { phone: 2, tablet: 3 }), 60);
    const css = pageCss(view);
    expect(css).toContain(
      '@container region (width < 560px){[data-shelf="list"]>.window>.cards:not([data-grown])>:nth-child(n+7){display:none}}',
    );
    expect(css).toContain(
      '@container region (width < 560px){[data-shelf="list"]>.pagers>.pager[data-size="6"]{display:flex}}',
    );
    expect(css).toContain(
      '@container region (width >= 560px){[data-shelf="list"]>.pagers>.pager[data-size="9"]{display:flex}}',
    );
  });
});

describe('a page', () => {
  it('leaves out of a lower shelf what stands above it, if that is wanted', () => {
    const plan = specimenPlan([
      specimenShelf('upper', { amount: { by: 'items', items: { phone: 8 }, rows: { phone: 1 } } }),
      specimenShelf('lower', { notTwice: true }),
    ]);
    const view = specimenView(plan);
    const above = new Set(shelfOf(view, 0).cards.map((card) => card.id));
    expect(above.size).toBe(8);
    expect(shelfOf(view, 1).cards.every((card) => !above.has(card.id))).toBe(true);
    expect(shelfOf(view, 1).total).toBe(64 - 8);
  });

  it.each(['categories', 'collections'] as const)(
    'shows the remaining %s below those that stand above, and nothing of another kind is left out',
    (of) => {
      const items = Array.from({ length: 5 }, (_, i): Item => {
        const one = {
          id: i + 1,
          slug: `s-${i}`,
          name: `No ${i}`,
          description: '',
          picture: null,
          products: 1,
        };
        return of === 'categories'
          ? { of, category: { ...specimenTree.all[0]!, ...one } }
          : { of, collection: { ...one, position: i, byRule: false } };
      });
      const two = { amount: { by: 'items', items: { phone: 2 } }, assortment: { of } } as const;
      const plan = specimenPlan([
        specimenShelf('upper', two),
        specimenShelf('rest', { notTwice: true, assortment: { of } }),
        specimenShelf('goods', { notTwice: true }),
      ]);
      const known = (request: ItemsRequest): ItemsAnswer => {
        const goods = request.assortment.of === of ? items : [];
        const left = goods.filter((item) => !request.without.includes(faceOf(item).id));
        if (request.shelfId === 'goods') expect(request.without).toEqual([]);
        return { total: left.length, own: left.length, start: 0, items: left };
      };
      const [upper, rest] = specimenViewOf(plan, known).bays.map((bay) =>
        shelvesIn(bay)[0]!.cards.map(({ id }) => id),
      );
      expect(rest).toEqual([3, 4, 5]);
      expect(upper!.slice(0, 2)).toEqual([1, 2]);
    },
  );

  it('drops a short last row where that is wanted, but never the only row', () => {
    const plan = specimenPlan([
      specimenShelf('one', {
        amount: { by: 'items', items: { phone: 10 }, rows: { phone: 1 } },
        lastRow: { phone: 'leave', tablet: 'drop' },
      }),
      specimenShelf('few', {
        amount: { by: 'items', items: { phone: 2 }, rows: { phone: 1 } },
        lastRow: { phone: 'drop' },
      }),
    ]);
    const view = specimenView(plan);
    expect(shelfOf(view, 0).steps.map((step) => step.shows.end)).toEqual([10, 9, 8, 8]);
    expect(shelfOf(view, 1).steps.map((step) => step.shows.end)).toEqual([2, 2, 2, 2]);
  });

  it('draws nothing of a shelf without items, and no hidden bay', () => {
    const plan = specimenPlan(
      [specimenShelf('a'), specimenShelf('b')],
      [specimenBay('a'), specimenBay('b', { hidden: true })],
    );
    const view = specimenView(plan, 0);
    expect(view.bays.map(({ id, empty }) => [id, empty])).toEqual([['a', true]]);
  });

  it('has one first heading: its own name where no bay carries one', () => {
    const plan = specimenPlan([specimenShelf('a')]);
    expect(specimenView(plan).firstHeading).toBe('Specimen store');
    const headed = specimenPlan(
      [specimenShelf('a')],
      [specimenBay('a', { heading: { words: 'First', level: 1 } })],
    );
    expect(specimenView(headed).firstHeading).toBeNull();
  });

  it('is good until the next midnight of the store where days are counted, else for as long as nothing changes', () => {
    const plan = specimenPlan([
      specimenShelf('a', { assortment: { of: 'products', order: { by: 'bestSold', days: 30 } } }),
    ]);
    expect(new Date(specimenView(plan).goodUntil!).toISOString()).toBe('2026-11-25T00:00:00.000Z');
    expect(specimenView(specimenPlan([specimenShelf('a')])).goodUntil).toBeNull();
  });

  it('gives pictures the sizes that the geometry gives the cards', () => {
    const shelf = shelfOf(specimenView(specimenPlan([specimenShelf('a')])));
    for (const width of [375, 700, 1000, 1300, 1900]) {
      const { cardPx } = shelfMeasure(shelf, specimenView(specimenPlan([specimenShelf('a')])).bands, width);
      const entry = shelf.pictureSizes.split(', ').find((one) => {
        const from = /min-width: (\d+)px/.exec(one)?.[1];
        return from === undefined || Number(from) <= width;
      })!;
      const said = entry.replace(/\(min-width: \d+px\) /, '');
      const calc = /calc\(\(100vw - (\d+)px\) \/ (\d+)\)/.exec(said);
      const px = calc ? (width - Number(calc[1])) / Number(calc[2]) : Number(/(\d+)px/.exec(said)![1]);
      expect(Math.abs(px - cardPx)).toBeLessThanOrEqual(1);
    }
  });
});

describe('pictures of a mosaic', () => {
  it('are fetched each as wide as its block is, at every width', () => {
    const stored = specimenPlan([
      specimenShelf('a', { layout: { phone: 'mosaic' }, amount: { by: 'items', items: { phone: 12 } } }),
    ]);
    const view = specimenView(stored, 12);
    const shelf = shelfOf(view);
    expect(shelf.ownSizes).toHaveLength(12);
    for (const width of [375, 700, 1000, 1300, 1900]) {
      const { boxes } = shelfMeasure(shelf, view.bands, width);
      boxes.forEach((box, i) => {
        const entry = shelf.ownSizes![i]!.split(', ').find((one) => {
          const from = /min-width: (\d+)px/.exec(one)?.[1];
          return from === undefined || Number(from) <= width;
        })!;
        const calc = /calc\(\(100vw - (-?[\d.]+)px\) \/ ([\d.]+)\)/.exec(entry);
        const px = calc ? (width - Number(calc[1])) / Number(calc[2]) : Number(/(\d+)px$/.exec(entry)![1]);
        expect(Math.abs(px - box.width), `${i} at ${width}: ${entry}`).toBeLessThanOrEqual(1.5);
      });
    }
    expect(new Set(shelf.ownSizes).size).toBeGreaterThan(1);
    expect(shelfOf(specimenView(specimenPlan([specimenShelf('a')]), 12)).ownSizes).toBeNull();
  });
});

describe('the view after a change', () => {
  const items = Array.from({ length: 24 }, (_, i): Item => ({
    of: 'products',
    product: specimenProduct(i + 1),
  }));
  const known = { total: items.length, own: items.length, start: 0, items };
  const address = { path: '/', from: {}, open: {} };
  /** Answers are the same objects each time, as those that are known already. */
  const viewsOf = (change: Command): [PageView, PageView] => {
    const shelf = (id: string) => specimenShelf(id, { amount: { by: 'items', items: { phone: 8 } } });
    const stored = specimenStored([shelf('a'), shelf('b')]);
    const view = (one: typeof stored) => {
      const plan = completePlan(one);
      return viewWith(
        {
          plan,
          page: plan.pages.home!,
          now: 0,
          tree: specimenTree,
          pictures: () => undefined,
          address,
          about: {},
        },
        () => known,
      );
    };
    return [view(stored), view(apply(stored, change))];
  };

  it('has the very bays that it is not of, and the very cards where they are not changed', () => {
    const set = (setting: string, value: unknown): Command => ({
      do: 'set',
      on: { shelf: 'a' },
      setting,
      value,
    });
    for (const change of [
      set('gap.column', { phone: 3 }),
      set('layout', { phone: 'masonry' }),
      set('lastRow', { phone: 'centre' }),
    ]) {
      const [before, after] = viewsOf(change);
      expect(after.bays[1]).toBe(before.bays[1]);
      expect(after.bays[0]).not.toBe(before.bays[0]);
      expect(shelfOf(after).cards).toBe(shelfOf(before).cards);
    }
    const [before, after] = viewsOf(set('card.parts.brand.shown', { phone: true }));
    expect(shelfOf(after).cards).not.toBe(shelfOf(before).cards);
  });
});
