import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leadsNowhere } from '../checks/leadsNowhere.ts';
import { textHardToRead } from '../checks/textHardToRead.ts';
import { pageCss } from '../css/pageCss.ts';
import { noCells } from '../picture/cells.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands } from '../plan/firstBands.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { plain } from '../sentence/sentence.ts';
import type { LineInput } from '../spec/line.ts';
import {
  specimenBay,
  specimenNames,
  specimenPicture,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { bayHeight } from '../view/bayHeight.ts';
import type { BayView, PageView } from '../view/view.ts';
import { bayKind, type Bay } from './index.ts';
import { columnWidths } from './pictureText.ts';

const PICTURE = 'a'.repeat(64);

const stored = (...bays: object[]) =>
  specimenStored(
    [],
    bays.map((bay) => specimenBay((bay as { id?: string }).id ?? 'a', bay as never)),
  );
const planOf = (...bays: object[]) => completePlan(stored(...bays));
const pageOf = (...bays: object[]): PageView =>
  specimenView(planOf(...bays), 0, { pictures: (id) => specimenPicture({ id, width: 800, height: 600 }) });
const first = (view: PageView): BayView => view.bays[0]!;
const fault = (bay: object): string | null =>
  checkDocument('page:home', { ...stored(bay).pages.home! })?.message ?? null;

/** What the lines of its spec say of a bay. */
const says = (bay: object): string[] => {
  const complete = planOf(bay).pages.home!.bays[0] as Bay;
  const input = { bay: complete, shelf: null, assortment: null, names: specimenNames, total: null };
  return bayKind(complete.holds).spec.map((line) => plain(line.say(input as unknown as LineInput)));
};

describe('picture and text', () => {
  const columns = (count: number) =>
    Array.from({ length: count }, (_, i) => ({ id: `c${i}`, title: `Title ${i}`, pictureId: PICTURE }));
  const widths = (view: PageView, regionPx: number) =>
    columnWidths(first(view).content as never, firstBands, regionPx);

  it('has no more columns side by side than there are, which with their gaps fill the room', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 120 }),
        fc.integer({ min: 320, max: 2_000 }),
        (count, across, gap, regionPx) => {
          const view = pageOf({
            holds: 'pictureText',
            columns: columns(count),
            across: { phone: across },
            gap: { phone: gap },
            look: { width: 'window', margin: { phone: 0 } },
          });
          const at = widths(view, regionPx);
          expect(at.across).toBe(Math.min(count, across));
          expect(at.columnPx * at.across + gap * (at.across - 1)).toBeCloseTo(regionPx, 6);
          expect(at.picturePx).toBeLessThanOrEqual(at.columnPx);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('gives a picture its share beside the text, and all of the column above it', () => {
    const bay = {
      holds: 'pictureText',
      columns: columns(1),
      share: { phone: 40 },
      look: { width: 'window', margin: { phone: 0 } },
    };
    expect(widths(pageOf({ ...bay, side: { phone: 'before' } }), 1_032).picturePx).toBe(400);
    expect(widths(pageOf({ ...bay, side: { phone: 'above' } }), 1_032).picturePx).toBe(1_032);
  });

  it('is higher with more text, and as high as its picture where that is higher', () => {
    const of = (words: string) =>
      bayHeight(
        first(pageOf({ holds: 'pictureText', columns: [{ id: 'c', words, pictureId: PICTURE }] })),
        firstBands,
        1_000,
      );
    expect(of('Short')).toBe(of('A little longer'));
    expect(of('Many words. '.repeat(80))).toBeGreaterThan(of('Short'));
  });

  it('turns every other one round where that is asked for, and only where a side can be turned', () => {
    const css = (side: string) =>
      pageCss(pageOf({ holds: 'pictureText', columns: columns(3), alternate: true, side: { phone: side } }));
    expect(css('before').split('nth-child(even){--flow:row-reverse}')).toHaveLength(2);
    expect(css('above').split('nth-child(even){--flow:column}')).toHaveLength(2);
  });

  it('is not drawn without anything in it, and a picture that is gone leaves its text', () => {
    expect(first(pageOf({ holds: 'pictureText' })).empty).toBe(true);
    const gone = specimenView(
      planOf({ holds: 'pictureText', columns: [{ id: 'c', title: 'Still here', pictureId: PICTURE }] }),
    );
    expect(first(gone).empty).toBe(false);
    expect(first(gone).content).toMatchObject({ columns: [{ title: 'Still here', picture: null }] });
  });

  it('says in its lines what it holds and how', () => {
    expect(says({ holds: 'pictureText', columns: columns(2), across: { phone: 1, laptop: 2 } })).toEqual([
      '2 columns: "Title 0" and "Title 1"',
      'Picture above on Phone, before the text from Tablet, as high as it is',
      'One across on Phone and Tablet, 2 across from Laptop, gaps of 32 px',
      expect.any(String),
      expect.any(String),
    ]);
  });

  it('refuses what cannot be drawn, by a sentence', () => {
    expect(fault({ holds: 'pictureText', columns: columns(3) })).toBeNull();
    for (const [columnsGiven, about] of [
      [columns(13), '12 at most'],
      [[...columns(1), ...columns(1)], 'Two columns have the same id'],
      [[{ id: 'c', link: 'javascript:alert(1)' }], 'A link begins with'],
      [[{ id: 'c', script: 'x' }], 'script'],
      [[null], ''],
    ] as const) {
      const said = fault({ holds: 'pictureText', columns: columnsGiven });
      expect(said).not.toBeNull();
      expect(said).toContain(about);
    }
  });

  it('is found where its text does not stand out, and not for what it does not draw', () => {
    const found = (columnsGiven: object[]) => {
      const plan = planOf({
        holds: 'pictureText',
        columns: columnsGiven,
        style: {
          columnText: { rest: { textColour: '#eeeeee' } },
          columnTitle: { rest: { textColour: '#eeeeee' } },
        },
      });
      return textHardToRead
        .find(specimenView(plan), plan, specimenNames, noCells)
        .map(({ element }) => element);
    };
    expect(found([{ id: 'c', title: 'A', words: 'B' }])).toEqual(['columnTitle', 'columnText']);
    expect(found([{ id: 'c', title: 'A' }])).toEqual(['columnTitle']);
  });
});

describe('links', () => {
  const links = Array.from({ length: 8 }, (_, i) => ({
    id: `l${i}`,
    words: `A place to go ${i}`,
    link: '/shop',
    icon: 'star',
  }));
  const heights = (settings: object, regionPx: number) =>
    bayHeight(first(pageOf({ holds: 'links', links, ...settings })), firstBands, regionPx);

  it('leave out what leads nowhere, and are not drawn where all do', () => {
    const view = pageOf({ holds: 'links', links: [{ id: 'x', words: 'Soon' }, links[0]!] });
    expect(first(view).content).toMatchObject({ links: [{ id: 'l0' }] });
    expect(first(pageOf({ holds: 'links', links: [{ id: 'x', words: 'Soon' }] })).empty).toBe(true);
  });

  it('go on a further line where there is no room, and take a line each below one another', () => {
    expect(heights({}, 390)).toBeGreaterThan(heights({}, 1_440));
    expect(heights({ flow: { phone: 'column' }, between: { phone: 10 } }, 1_440)).toBe(
      40 + 56 + 8 * 40 + 7 * 10,
    );
    expect(heights({ shown: { phone: 'icons' } }, 390)).toBeLessThan(heights({}, 390));
  });

  it('say how many there are and how they stand', () => {
    expect(says({ holds: 'links', links: links.slice(0, 2) }).slice(0, 2)).toEqual([
      '2 links: "A place to go 0" and "A place to go 1"',
      'Icons and words, side by side, in the middle, 20 px apart',
    ]);
  });

  it('refuse an icon that is not shipped and an address that is none', () => {
    expect(fault({ holds: 'links', links })).toBeNull();
    expect(fault({ holds: 'links', links: [{ id: 'l', icon: 'dragon' }] })).not.toBeNull();
    expect(fault({ holds: 'links', links: [{ id: 'l', link: '//elsewhere.example' }] })).toContain(
      'A link begins with',
    );
  });
});

/** No space around a bay. */
const BARE = { above: { phone: 0 }, below: { phone: 0 } };

describe('space and line', () => {
  it('is as high as it is told, and no lower than its line', () => {
    const high = (settings: object) =>
      bayHeight(first(pageOf({ holds: 'line', look: BARE, ...settings })), firstBands, 1_000);
    expect(high({ height: { phone: 90 } })).toBe(90);
    expect(high({ height: { phone: 0 }, linePx: 6 })).toBe(6);
    expect(high({ height: { phone: 0 }, linePx: 6, line: 'none' })).toBe(0);
  });

  it('draws its line in a colour of the house, which it follows, or none', () => {
    expect(
      pageCss(pageOf({ holds: 'line', linePx: 3, line: 'dashed' })).split(
        'hr{border-top:3px dashed var(--line)}',
      ),
    ).toHaveLength(2);
    expect(pageCss(pageOf({ holds: 'line', line: 'none' })).includes('hr{')).toBe(false);
    expect(says({ holds: 'line', height: { phone: 8, laptop: 20 } })[0]).toBe(
      '8 px high on Phone and Tablet, 20 px high from Laptop, a solid line of 1 px in line',
    );
  });
});

describe('a jump button', () => {
  const target = { id: 'b', holds: 'notice', words: 'Here' };
  const jump = (to: string) => ({ id: 'a', holds: 'jump', words: 'Down', target: to });

  it('leads to its bay under the name that this has, or one made for it', () => {
    const unnamed = pageOf(jump('b'), target);
    expect(unnamed.bays.map(({ anchor }) => anchor)).toEqual([null, 'bay-b']);
    expect(first(unnamed).content).toMatchObject({ to: 'bay-b' });
    const named = pageOf(jump('b'), { ...target, anchor: 'sale' });
    expect(first(named).content).toMatchObject({ to: 'sale' });
    expect(pageOf(target).bays[0]!.anchor).toBeNull();
  });

  it('is not shown and is found where its bay is gone, hidden, or was never chosen', () => {
    const found = (...bays: object[]) =>
      leadsNowhere.find(planOf(...bays), specimenNames, new Set()).map(({ text }) => text);
    expect(found(jump('b'), target)).toEqual([]);
    expect(found(jump('b'))).toEqual(['"Down" jumps to a bay that is gone, so it is not shown']);
    expect(found(jump('b'), { ...target, hidden: true })).toEqual([
      '"Down" jumps to a hidden bay, so it is not shown',
    ]);
    expect(found(jump(''))).toEqual(['"Down" jumps nowhere yet, so it is not shown']);
    for (const view of [pageOf(jump('b')), pageOf(jump(''), target)]) expect(first(view).empty).toBe(true);
  });

  it('is not shown while its bay has nothing to show', () => {
    const view = pageOf(jump('b'), { ...target, words: '' });
    expect(view.bays.map(({ empty }) => empty)).toEqual([true, true]);
    expect(pageOf(jump('b'), target).bays.map(({ empty }) => empty)).toEqual([false, false]);
  });

  it('keeps clear above its bay what it is told to, by width', () => {
    const css = pageCss(pageOf({ ...jump('b'), offset: { phone: 0, laptop: 64 } }, target));
    expect(css.split('[id="bay-b"]{scroll-margin-top:calc(64px + var(--stuck,0px))}')).toHaveLength(2);
  });

  it('refuses a name that another part of every page has', () => {
    expect(fault({ holds: 'notice', words: 'x', anchor: 'sale-now' })).toBeNull();
    for (const anchor of ['main', 'foot', 'Sale', '9', 'a b', '"><script>'])
      expect(fault({ holds: 'notice', words: 'x', anchor }), anchor).not.toBeNull();
  });
});
