import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt } from '../bands/varying.ts';
import type { StoredBay } from '../bays/index.ts';
import { baySettings } from '../bays/index.ts';
import { withWhatGoesAlong } from '../change/goesAlong.ts';
import { sideCss } from '../css/sideCss.ts';
import { innerWidth, stepAt, wholeWidth } from '../geometry/steps.ts';
import { apply } from '../plan/commands.ts';
import type { StoredPage } from '../plan/page.ts';
import type { Plan } from '../plan/plan.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored, specimenView } from '../specimen/specimen.ts';
import { bayHeight } from './bayHeight.ts';
import { HEADING_GAP_PX, isBeside, roomsOf, sideOf, startPx } from './rooms.ts';
import { shelvesOn } from './shelvesIn.ts';

type Ofa = Partial<StoredBay>;

const stored = (
  a: Ofa,
  b: Ofa = {},
  page: Partial<StoredPage> = {},
  shelf: Partial<StoredShelf> = {},
): StoredPlan => {
  const plan = specimenStored(
    [specimenShelf('a', shelf), specimenShelf('b')],
    [specimenBay('a', a), specimenBay('b', b)],
  );
  return { ...plan, pages: { home: { ...plan.pages.home!, ...page } } };
};
const planOf = (...from: Parameters<typeof stored>): Plan => completePlan(stored(...from));
const roomOf = ({ house, pages }: Plan, at: number) => roomsOf(house, pages.home!, pages.home!.bays[at]!);
const aside: Ofa = { aside: true };
const atEnd = { side: { stands: { phone: 'under', laptop: 'end' } } } as const satisfies Partial<StoredPage>;

describe('a page with a sidebar', () => {
  const widths = fc.integer({ min: 320, max: 2560 });
  const sides = fc.record({
    stands: fc.record({
      phone: fc.constantFrom('start' as const, 'end' as const, 'under' as const, 'button' as const),
      laptop: fc.constantFrom('start' as const, 'end' as const, 'under' as const),
    }),
    widthPx: fc.record({ phone: fc.integer({ min: 16, max: 48 }).map((tens) => tens * 10) }),
    gap: fc.record({ phone: fc.integer({ min: 0, max: 30 }).map((fours) => fours * 4) }),
  });

  it('gives its column, the space beside it and the rest of the page what there is, and no more', () => {
    fc.assert(
      fc.property(sides, widths, (side, px) => {
        const plan = planOf(aside, {}, { side });
        const { bands, margin, contentPx } = plan.house;
        const band = bands.findLast(({ from }) => from <= px)!.id;
        const drawn = sideOf(plan.house, plan.pages.home!)!;
        const [column, rest] = [0, 1].map((at) => innerWidth(roomOf(plan, at).around, bands, band, px)) as [
          number,
          number,
        ];
        const pagePx = Math.min(contentPx, px - 2 * valueAt(margin, bands, band));
        if (!isBeside(valueAt(drawn.stands, bands, band))) {
          expect([column, rest]).toEqual([pagePx, pagePx]);
          return;
        }
        expect(column).toBe(valueAt(drawn.widthPx, bands, band));
        expect(column + rest + valueAt(drawn.gap, bands, band)).toBe(pagePx);
        expect(rest).toBeGreaterThanOrEqual(240);
      }),
    );
  });

  it('puts it beside the page only at widths where enough of the page is left', () => {
    const plan = planOf(aside, {}, { side: { stands: { phone: 'start' }, widthPx: { phone: 480 } } });
    const { stands } = sideOf(plan.house, plan.pages.home!)!;
    expect(stands.phone).toBe('under');
    expect(stands.wide).toBe('start');
    // What is chosen stays, so that a narrower sidebar has it.
    expect(plan.pages.home!.side.stands).toMatchObject({ phone: 'start' });
  });

  it('is none without a bay in it, and with a hidden one', () => {
    for (const none of [{}, { aside: true, hidden: true }] satisfies Ofa[]) {
      const plan = planOf(none, {}, atEnd);
      expect(roomOf(plan, 1).around).toEqual(roomOf(planOf({}), 1).around);
      const view = specimenView(plan, 8);
      expect(view.side).toBeNull();
      expect(sideCss(view)).toBe('');
    }
  });

  it('keeps its column while there is nothing to show in it, so that nothing moves when something comes', () => {
    const view = specimenView(planOf(aside, {}, atEnd), 0);
    expect(view.bays.every(({ empty }) => empty)).toBe(true);
    expect(view.side).not.toBeNull();
    expect(sideCss(view)).toContain('.columns{display:grid');
  });

  it('leaves alone what leads the page, and takes none of it in', () => {
    const notice = { holds: 'notice', words: 'Open on Saturday' } as unknown as Ofa;
    const beside = planOf(notice, aside, atEnd);
    expect(roomOf(beside, 0).around).toEqual(roomOf(planOf(notice, {}), 0).around);
    const alone = planOf({ ...notice, aside: true }, {}, atEnd);
    expect(specimenView(alone, 8)).toMatchObject({ side: null, bays: [{ aside: false }, {}] });
    const offered = (holds: string) => baySettings(holds).some(({ id }) => id === 'aside');
    expect([offered('notice'), offered('shelf'), offered('words')]).toEqual([false, true, true]);
  });

  it('is none of the header, the footer and what is kept for later', () => {
    for (const kind of ['header', 'footer', 'library']) {
      const plan = planOf(aside, {}, { ...atEnd, kind });
      expect(sideOf(plan.house, plan.pages.home!)).toBeNull();
    }
  });

  it('begins its columns where they stand', () => {
    const [px, margin, side, gap] = [1200, 30, 260, 40];
    const pagePx = Math.min(1120, px - 2 * margin);
    const from = (px - pagePx) / 2;
    const starts = (stands: 'start' | 'end') => {
      const view = specimenView(planOf(aside, {}, { side: { stands: { phone: stands } } }), 8);
      return view.bays.map((bay) => startPx(bay, view, px));
    };
    expect(starts('start')).toEqual([from, from + side + gap]);
    expect(starts('end')).toEqual([from + pagePx - side, from]);
  });

  it('keeps within a column what is set of a bay: margins beyond those of the store, and a width of its own', () => {
    const inset = planOf({ ...aside, look: { margin: { phone: 16, laptop: 50 } } }, {}, atEnd);
    const { bands } = inset.house;
    expect(innerWidth(roomOf(inset, 0).around, bands, 'wide', 1600)).toBe(260 - 2 * 20);
    const coloured = planOf({ ...aside, look: { background: '#ffeedd' } }, {}, atEnd);
    expect(innerWidth(roomOf(coloured, 0).around, bands, 'wide', 1600)).toBe(260 - 2 * 16);
    expect(innerWidth(roomOf(coloured, 0).around, bands, 'phone', 400)).toBe(400 - 2 * 16);
    const narrow = planOf({}, { ...aside, look: { width: 'own', ownPx: 240 } }, atEnd);
    expect(innerWidth(roomOf(narrow, 1).around, bands, 'wide', 1600)).toBe(240);
    const wide = planOf({ look: { width: 'window' } }, aside, atEnd);
    expect(wholeWidth(roomOf(wide, 0).around, bands, 'wide', 1600)).toBe(1120 - 260 - 40);
  });
});

describe('a bay that is put into the sidebar', () => {
  const put = (plan: StoredPlan, bay = 'a') =>
    completePlan(
      apply(
        plan,
        withWhatGoesAlong(plan, { do: 'set', on: { page: 'home', bay }, setting: 'aside', value: true }),
      ),
    );
  const counts = ({ house, shelves }: Plan, id = 'a') =>
    house.bands.map((band) => valueAt(shelves[id]!.columns.count, house.bands, band.id));
  const six: Partial<StoredShelf> = {
    columns: { count: { phone: 2, tablet: 4, laptop: 6 } },
    gap: { column: { phone: 12 } },
  };

  it('has as many columns as its cards can be read in, where it stands beside the page', () => {
    const plan = put(stored({}, {}, atEnd, six));
    expect(counts(plan)).toEqual([2, 4, 2, 2]);
    const view = specimenView(plan, 12);
    const { shelf } = shelvesOn(view)[0]!;
    expect(stepAt(shelf.steps, 1280).across).toBe(2);
    expect(plan.pages.home!.bays[0]!.aside).toBe(true);
  });

  it('keeps its columns where there are few, where they go by width, and where the shelf stands elsewhere too', () => {
    const few = { columns: { count: { phone: 1 } } };
    expect(counts(put(stored({}, {}, atEnd, few)))).toEqual([1, 1, 1, 1]);
    const byWidth = { columns: { ...six.columns, by: 'width' as const } };
    expect(counts(put(stored({}, {}, atEnd, byWidth)))).toEqual([2, 4, 6, 6]);
    const twice = stored({}, { holds: 'shelf', shelfId: 'a' }, atEnd, six);
    expect(counts(put(twice))).toEqual([2, 4, 6, 6]);
  });

  it('keeps them all at widths where the sidebar stands under the page', () => {
    expect(counts(put(stored({}, {}, { side: { stands: { phone: 'under' } } }, six)))).toEqual([2, 4, 6, 6]);
  });
});

describe('a heading beside what it is about', () => {
  const beside = (heading: object, more: Ofa = {}): Ofa => ({
    heading: { words: 'Heading', stands: { phone: 'above', laptop: 'beside' }, ...heading },
    ...more,
  });

  it('leaves the rest of the room to the shelf, at the widths where it is beside', () => {
    const plan = planOf(beside({ widthPx: { phone: 200 } }));
    const { bands } = plan.house;
    const { around, inside } = roomOf(plan, 0);
    const left = (band: string, px: number) =>
      innerWidth(around, bands, band, px) - innerWidth(inside, bands, band, px);
    expect(left('phone', 390)).toBe(0);
    expect(left('laptop', 1100)).toBe(200 + HEADING_GAP_PX);
    expect(left('wide', 2560)).toBe(200 + HEADING_GAP_PX);
  });

  it('stands above where too little is left, without words, and hidden', () => {
    for (const [heading, more] of [
      [{ stands: { phone: 'beside' }, widthPx: { phone: 480 } }, { look: { width: 'own', ownPx: 600 } }],
      [{ words: '' }, {}],
      [{ shown: false }, {}],
    ] as [object, Ofa][]) {
      const { around, inside, heading: drawn } = roomOf(planOf(beside(heading, more)), 0);
      expect(Object.values(drawn.stands)).not.toContain('beside');
      expect(inside).toBe(around);
    }
  });

  it('takes no height of its own there; hidden, it takes none at all', () => {
    const height = (heading: object) => {
      const view = specimenView(planOf(beside({ stands: { phone: 'above' }, ...heading })), 4);
      return bayHeight(view.bays[0]!, view.bands, 1100);
    };
    const [above, hidden] = [height({}), height({ shown: false })];
    expect(above).toBeGreaterThan(hidden);
    expect(height({ words: '' })).toBe(hidden);
    const view = specimenView(planOf(beside({ widthPx: { phone: 120 } }, {})), 4);
    const { shelf } = shelvesOn(view)[0]!;
    const alone = specimenView(planOf({ heading: { words: '' } }), 4);
    // Its cards are narrower, so that they are lower too.
    expect(bayHeight(view.bays[0]!, view.bands, 1100)).toBeLessThan(
      bayHeight(alone.bays[0]!, view.bands, 1100),
    );
    expect(innerWidth(shelf.room, view.bands, 'laptop', 1100)).toBe(1100 - 60 - 120 - HEADING_GAP_PX);
  });
});
