import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { textHardToRead } from '../checks/textHardToRead.ts';
import { leastHeightCss } from '../css/heightCss.ts';
import { pageCss } from '../css/pageCss.ts';
import { noCells } from '../picture/cells.ts';
import { apply } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands } from '../plan/firstBands.ts';
import { giverOf } from '../plan/like.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { copyOfTab, newTab, tabGone } from '../plan/tabEdits.ts';
import { plain } from '../sentence/sentence.ts';
import type { LineInput } from '../spec/line.ts';
import { specimenBay, specimenNames, specimenStored, specimenView } from '../specimen/specimen.ts';
import { bayHeight } from '../view/bayHeight.ts';
import type { PageView } from '../view/view.ts';
import { shelvesDrawn, shelvesIn } from '../view/shelvesIn.ts';
import { bayKind, type Bay } from './index.ts';
import type { TabItem } from './tabItem.ts';
import type { TabsContent } from './tabs.ts';

const limited = (id: string, limit: number | null, more: Partial<StoredShelf> = {}): StoredShelf => ({
  id,
  name: `Shelf ${id}`,
  assortment: { of: 'products', ...(limit !== null && { limit }) },
  ...more,
});

const tabs: TabItem[] = [
  { id: 'one', name: 'First', shelfId: 'a' },
  { id: 'two', shelfId: 'b' },
  { id: 'three', name: 'Third', shelfId: 'c' },
];
const three = [limited('a', 4), limited('b', 8, { like: 'a' }), limited('c', 2, { like: 'a' })];
const bayOf = (more: object = {}) => specimenBay('t', { holds: 'tabs', tabs, ...more } as never);
const stored = (more: object = {}, shelves = three): StoredPlan => specimenStored(shelves, [bayOf(more)]);
const viewOf = (plan: StoredPlan, open: Record<string, string> = {}, from = {}): PageView =>
  specimenView(completePlan(plan), 64, { address: { path: '/', from, open } });
const contentOf = (view: PageView) => view.bays[0]!.content as unknown as TabsContent;
const fault = (list: unknown): string | null =>
  checkDocument('page:home', { ...stored({ tabs: list }).pages.home! })?.message ?? null;

describe('tabs', () => {
  it('are called by their own names or by those of their shelves, and the first is open', () => {
    const view = viewOf(stored());
    expect(contentOf(view).tabs.map(({ name }) => name)).toEqual(['First', 'Shelf b', 'Third']);
    expect(contentOf(view).open?.id).toBe('one');
    expect(view.parameters).toEqual([]);
  });

  it('are open by a parameter of the address, which the page says again, and links lead to each', () => {
    const view = viewOf(stored(), { t: 'three' });
    const { open, tabs: drawn } = contentOf(view);
    expect(open?.id).toBe('three');
    expect(view.parameters).toEqual([['t.shows', 'three']]);
    expect(drawn.map(({ href }) => href)).toEqual([
      '/#bay-t',
      '/?t.shows=two#bay-t',
      '/?t.shows=three#bay-t',
    ]);
    // The first needs no saying, and one that is not there is none.
    expect(viewOf(stored(), { t: 'one' }).parameters).toEqual([]);
    expect(viewOf(stored(), { t: 'gone' }).parameters).toEqual([]);
    expect(contentOf(viewOf(stored(), { t: 'gone' })).open?.id).toBe('one');
  });

  it('leave out what has nothing to show, open or not, and go when nothing is left', () => {
    const plan = stored({}, [limited('a', 0), limited('b', 8), limited('c', 2)]);
    const view = viewOf(plan);
    expect(contentOf(view).tabs.map(({ id }) => id)).toEqual(['two', 'three']);
    expect(contentOf(view).open?.id).toBe('two');
    expect(viewOf(plan, { t: 'one' }).parameters).toEqual([]);
    // Checks read those that are left out as well.
    expect(shelvesIn(view.bays[0]!).map(({ id, total }) => [id, total])).toEqual([
      ['a', 0],
      ['b', 8],
      ['c', 2],
    ]);
    const none = viewOf(stored({}, [limited('a', 0), limited('b', 0), limited('c', 0)]));
    expect(none.bays[0]!.empty).toBe(true);
  });

  it('draw the open one alone: its cards, its places, its rules', () => {
    const view = viewOf(stored(), { t: 'two' });
    expect(shelvesDrawn(view.bays[0]!).map(({ id }) => id)).toEqual(['b']);
    const css = pageCss(view);
    expect(css).toMatch(/\[data-shelf="b"\]/);
    expect(css).not.toMatch(/\[data-shelf="a"\]/);
  });

  it('begin at the first item where they are closed, whatever the address says', () => {
    const paged = three.map((one) => ({
      ...one,
      assortment: { of: 'products' as const },
      paging: { by: 'numbered' as const },
    }));
    const plan = stored({}, paged);
    const view = viewOf(plan, { t: 'two' }, { a: 12, b: 12 });
    const [a, b] = shelvesIn(view.bays[0]!);
    expect(a!.held.start).toBe(0);
    expect(b!.held.start).toBeGreaterThan(0);
    expect(view.parameters).toEqual([
      ['b.from', '12'],
      ['t.shows', 'two'],
    ]);
    // A page of the open one keeps it open; another tab begins anew.
    const hrefs = b!.pagers.flatMap(({ href }) => Object.values(href));
    expect(hrefs.every((href) => href.includes('t.shows=two'))).toBe(true);
    expect(contentOf(view).tabs[2]!.href).toBe('/?t.shows=three#bay-t');
  });

  it('are laid out alike, but for one that is set apart', () => {
    const plan = stored({}, [
      limited('a', 8, { columns: { count: { phone: 4 } } }),
      limited('b', 8, { like: 'a' }),
      limited('c', 8, { columns: { count: { phone: 1 } } }),
    ]);
    const across = shelvesIn(viewOf(plan).bays[0]!).map(({ steps }) => steps[0]!.across);
    expect(across).toEqual([4, 4, 1]);
  });

  it('leave out what an earlier tab or a bay above shows, where a shelf says so', () => {
    const plan = stored({}, [limited('a', 4), limited('b', 8, { notTwice: true }), limited('c', 2)]);
    const view = specimenView(completePlan(plan), 64);
    const ids = (i: number) => shelvesIn(view.bays[0]!)[i]!.cards.map(({ id }) => id);
    expect(ids(1).filter((id) => ids(0).includes(id))).toEqual([]);
    expect(ids(2)).toEqual([1, 2]);
  });

  it('are as high as the highest of them, or as the open one', () => {
    for (const width of [375, 800, 1180, 1440]) {
      const heights = (height: string, open: string) =>
        bayHeight(viewOf(stored({ height }), { t: open }).bays[0]!, firstBands, width);
      expect(heights('kept', 'one')).toBe(heights('kept', 'two'));
      expect(heights('eased', 'two')).toBe(heights('kept', 'two'));
      expect(heights('eased', 'three')).toBeLessThanOrEqual(heights('eased', 'two'));
    }
    expect(pageCss(viewOf(stored({ height: 'kept' })))).toMatch(/\.tab-panels\{min-height/);
    expect(pageCss(viewOf(stored({ height: 'eased' })))).not.toMatch(/\.tab-panels\{min-height/);
  });

  it('go on in new lines where they are told to and have too little room', () => {
    const many = Array.from({ length: 8 }, (_, i) => ({
      id: `m${i}`,
      name: `A rather long name ${i}`,
      shelfId: 'a',
    }));
    const height = (long: string) =>
      bayHeight(viewOf(stored({ tabs: many, long: { phone: long } })).bays[0]!, firstBands, 375);
    // Two of them with the space between are a little too wide.
    expect(height('wraps') - height('runs')).toBe(7 * 44);
  });

  it('refuse what cannot be drawn, with a sentence', () => {
    expect(
      fault([
        { id: 'x', shelfId: 'a' },
        { id: 'x', shelfId: 'b' },
      ]),
    ).toBe('Two tabs have the same id.');
    expect(fault([{ id: 'a b', shelfId: 'a' }])).toBe('A tab is named by letters, digits and hyphens.');
    expect(fault(Array.from({ length: 13 }, (_, i) => ({ id: `t${i}`, shelfId: 'a' })))).toMatch(/too many/);
    expect(fault([{ id: 'x', shelfId: 'a', colour: 'red' }])).toMatch(/no such value/);
    // One without a shelf is kept, and not drawn.
    expect(fault([{ id: 'x', shelfId: '' }])).toBeNull();
    expect(contentOf(viewOf(stored({ tabs: [{ id: 'x', shelfId: '' }, tabs[0]] }))).tabs).toHaveLength(1);
  });

  it('are said in one sentence each', () => {
    const complete = completePlan(stored()).pages.home!.bays[0] as Bay;
    const shelf = completePlan(stored()).shelves.b!;
    const input = { bay: complete, shelf, assortment: shelf.assortment, names: specimenNames, total: 8 };
    const said = bayKind('tabs').spec.map((line) => plain(line.say(input as unknown as LineInput)));
    expect(said[0]).toBe('3 tabs: First, Shelf b and Third');
    expect(said[1]).toBe(
      'Names in the middle, marked by a line under it, 16 px apart, run off sideways where there is too little room',
    );
    expect(said[3]).toMatch(/^As "Shelf a": a /);
  });
});

describe('the strip of tabs', () => {
  const low = (style: object) =>
    textHardToRead
      .find(viewOf(stored({ style })), completePlan(stored({ style })), specimenNames, noCells)
      .map(({ text }) => text);

  it('is read for what stands on it: names on the strip, the open one on its own, the marker on that', () => {
    expect(low({ tabStrip: { rest: { background: '#1f2a44' } } }).sort()).toEqual([
      expect.stringMatching(/^Low contrast: marker of the open tab/),
      expect.stringMatching(/^Low contrast: tabs, /),
    ]);
    const light = { tabStrip: { rest: { background: '#1f2a44' } }, tab: { rest: { textColour: '#ffffff' } } };
    expect(low(light)).toEqual([expect.stringMatching(/^Low contrast: marker/)]);
    expect(low({ ...light, tabMarker: { rest: { background: '#ffffff' } } })).toEqual([]);
    expect(low({ tab: { current: { background: '#ffffff', textColour: '#f0f0f0' } } })).toEqual([
      expect.stringMatching(/^Low contrast: tabs where current/),
    ]);
  });
});

describe('rules by which something is at least so high', () => {
  /** What the rules come to at a width, as a browser would read them. */
  const heightIn = (css: string, width: number): number => {
    let found = NaN;
    for (const [, from, calc, plainPx] of css.matchAll(
      /(?:@container region \(width >= (\d+)px\)\{)?x\{min-height:(?:calc\(([^)]*)\)|([\d.-]+)px)\}/g,
    )) {
      if (Number(from ?? 0) > width) continue;
      const [px, cqi] = calc ? calc.split(' + ').map(parseFloat) : [Number(plainPx), 0];
      found = px! + (cqi! / 100) * width;
    }
    return found;
  };

  it('are right wherever the height changes evenly between its edges', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 330, max: 2_400 }), { maxLength: 5 }),
        fc.array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: -4, max: 8 })), {
          minLength: 6,
          maxLength: 6,
        }),
        (edges, pieces) => {
          const sorted = [...edges].sort((a, b) => a - b);
          const heightAt = (px: number) => {
            const [base, slope] = pieces[sorted.filter((edge) => edge <= px).length]!;
            return base + slope * px;
          };
          const css = leastHeightCss('x', heightAt, edges);
          for (const px of [320, 375, 560, 800, 1180, 1440, 2_100, ...sorted])
            expect(heightIn(css, px)).toBeCloseTo(heightAt(px), 0);
        },
      ),
    );
  });

  it('are few where nothing changes', () => {
    expect(leastHeightCss('x', () => 300, [560, 880])).toBe('x{min-height:300px}');
  });
});

describe('edits of tabs', () => {
  const put = (plan: StoredPlan, made: ReturnType<typeof newTab>) =>
    apply(plan, {
      do: 'together',
      commands: [
        ...made.commands,
        { do: 'set', on: { page: 'home', bay: 't' }, setting: 'tabs', value: [...tabs, made.tab] },
      ],
    });
  const id = { tab: 'four', shelf: 'd' };

  it('add one that is laid out like the others', () => {
    const next = put(stored(), newTab(stored(), tabs, id));
    expect(giverOf(next.shelves, 'd')).toBe('a');
    expect(contentOf(viewOf(next)).tabs.map(({ name }) => name)).toContain('New tab');
    expect(newTab(specimenStored([]), [], id).commands).toEqual([
      { do: 'settleShelves', add: [{ id: 'd', name: 'New tab' }], drop: [] },
    ]);
  });

  it('copy one with what it shows: like the one that others are like, or apart as it is', () => {
    const ofLead = put(stored(), copyOfTab(stored(), tabs[0]!, id));
    expect(ofLead.shelves.d).toEqual({ ...limited('a', 4), id: 'd', like: 'a' });
    const apart = stored({}, [limited('a', 4), limited('b', 8, { columns: { count: { phone: 1 } } })]);
    const ofApart = put(apart, copyOfTab(apart, tabs[1]!, id));
    expect(ofApart.shelves.d).toEqual({ ...apart.shelves.b!, id: 'd' });
    // The shelf may be gone.
    expect(copyOfTab(stored(), { id: 'x', shelfId: 'none' }, id).tab).toEqual({ id: 'four', shelfId: 'd' });
  });

  it('drop the shelf of one that is gone, unless it is shown elsewhere, and hand on what others have from it', () => {
    const without = apply(stored(), {
      do: 'together',
      commands: [
        { do: 'set', on: { page: 'home', bay: 't' }, setting: 'tabs', value: tabs.slice(1) },
        tabGone(tabs[0]!),
      ],
    });
    expect(Object.keys(without.shelves)).toEqual(['b', 'c']);
    expect(without.shelves.b!.like).toBeUndefined();
    expect(without.shelves.c!.like).toBe('b');
    const still = apply(stored(), tabGone(tabs[0]!));
    expect(still.shelves).toEqual(stored().shelves);
  });
});
