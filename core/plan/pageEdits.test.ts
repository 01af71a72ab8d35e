import fc from 'fast-check';
import { slugOf } from '../catalogue/slugOf.ts';
import { describe, expect, it } from 'vitest';
import { findingsIn, findingsOn } from '../checks/index.ts';
import { pageFor } from '../pages/index.ts';
import { ownPage } from '../pages/own.ts';
import {
  specimenBay,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { changesBetween } from '../change/changesBetween.ts';
import { checkDocument } from './checkDocument.ts';
import { apply } from './commands.ts';
import { firstBands } from './firstBands.ts';
import {
  addPage,
  bringBack,
  copyOfPage,
  dropPage,
  freeSlug,
  idsIn,
  pageAt,
  removePage,
} from './pageEdits.ts';
import { pageTemplates } from './pageTemplates/index.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';

const base = specimenStored([specimenShelf('a')], [specimenBay('a')]);
const withPage = (slug: string, plan: StoredPlan = base, id = `page-${slug}`): StoredPlan =>
  apply(
    plan,
    addPage(
      { id, name: `Page ${slug}`, slug },
      {
        bays: [specimenBay(`${id}-bay`, { holds: 'shelf', shelfId: `${id}-shelf` } as never)],
        shelves: [specimenShelf(`${id}-shelf`)],
      },
    ),
  );
const slugFault = (slug: string) =>
  checkDocument('page:x', { id: 'x', kind: 'own', name: 'X', slug, bays: [] })?.message ?? null;

describe('the address of a page', () => {
  it('is made from its name, whatever that is written in, so that it can be kept', () => {
    expect(slugOf('Spring Séconds!')).toBe('spring-seconds');
    expect(slugOf('  The owner’s “best” of 2026 – 50 % off ')).toBe('the-owners-best-of-2026-50-off');
    expect(slugOf('Große Vasen')).toBe('grosse-vasen');
    expect(slugOf('花瓶')).toBe('');
    fc.assert(
      fc.property(
        fc.oneof(fc.string({ unit: 'grapheme', maxLength: 200 }), fc.string({ maxLength: 200 })),
        (name) => {
          expect(slugFault(slugOf(name))).toBeNull();
        },
      ),
    );
  });

  it('is free: with a number where that is taken, and never too long', () => {
    const plan = withPage('sale-2', withPage('sale'));
    expect(freeSlug(plan, 'sale')).toBe('sale-3');
    expect(freeSlug(plan, 'winter')).toBe('winter');
    expect(freeSlug(plan, '')).toBe('page');
    const long = 'x'.repeat(80);
    const free = freeSlug(withPage(long), long);
    expect(free).toHaveLength(80);
    expect(slugFault(free)).toBeNull();
  });
});

describe('a page of the owner’s own', () => {
  it('is found at its address, with what it was made with', () => {
    const plan = completePlan(withPage('sale'));
    expect(pageFor(plan, ownPage, 'sale')).toMatchObject({ name: 'Page sale', kind: 'own' });
    expect(pageFor(plan, ownPage, 'other')).toBeUndefined();
    expect(plan.shelves['page-sale-shelf']).toBeDefined();
  });

  it('is copied with bays and shelves of its own, at an address of its own', () => {
    const plan = withPage('sale');
    const page = plan.pages['page-sale']!;
    const ids = Object.fromEntries([page.id, ...idsIn(page)].map((id) => [id, `${id}-2`]));
    const copied = apply(plan, copyOfPage(plan, page, ids));
    const copy = copied.pages['page-sale-2']!;
    expect(copy).toMatchObject({ name: 'Page sale (copy)', slug: 'page-sale-copy', kind: 'own' });
    expect(copy.bays).toMatchObject([{ id: 'page-sale-bay-2', shelfId: 'page-sale-shelf-2' }]);
    expect(copied.shelves['page-sale-shelf-2']).toEqual({
      ...plan.shelves['page-sale-shelf'],
      id: 'page-sale-shelf-2',
    });
    // The home page as one's own is no second home page.
    const home = apply(plan, copyOfPage(plan, plan.pages.home!, { home: 'mine', a: 'b' }));
    expect(home.pages.mine).toMatchObject({ kind: 'own', bays: [{ id: 'b' }] });
  });

  it('is nowhere while it is deleted, keeps its shelves, and is as it was when it is brought back', () => {
    const plan = withPage('sale');
    const gone = apply(plan, removePage('page-sale'));
    expect(completePlan(gone).pages['page-sale']).toBeUndefined();
    expect(gone.shelves['page-sale-shelf']).toBeDefined();
    expect(pageAt(gone, 'sale')).toBeUndefined();
    expect(apply(gone, bringBack(gone, gone.pages['page-sale']!))).toEqual(plan);
    // Its address was taken meanwhile.
    const taken = withPage('sale', gone, 'later');
    const back = apply(taken, bringBack(taken, taken.pages['page-sale']!));
    expect(back.pages['page-sale']).toMatchObject({ slug: 'sale-2' });
    expect(
      findingsIn(completePlan(back), specimenNames).filter(({ check }) => check === 'page-address'),
    ).toEqual([]);
    // Deleted for good it takes its shelves with it, but none that is shown elsewhere.
    const dropped = apply(gone, dropPage(gone.pages['page-sale']!));
    expect(dropped).toEqual(base);
  });

  it('cannot be one of the pages that every store has', () => {
    const home = apply(base, removePage('home'));
    expect(completePlan(home).pages.home).toBeDefined();
  });

  it('is said among the changes when it comes, goes and comes back, and each can be reverted', () => {
    const plan = withPage('sale');
    const gone = apply(plan, removePage('page-sale'));
    const said = (before: StoredPlan, after: StoredPlan) =>
      changesBetween(before, after, specimenNames).map(({ text }) => text);
    expect(said(base, plan)).toEqual(['is a new page']);
    expect(said(plan, gone)).toEqual([expect.stringMatching(/^the page is deleted/)]);
    const [only] = changesBetween(plan, gone, specimenNames);
    expect(apply(gone, only!.takeBack)).toEqual(plan);
  });
});

describe('templates of pages', () => {
  it('make pages that can be kept, of which nothing is wrong but what the owner has to fill', () => {
    for (const template of pageTemplates) {
      const id = 'a-page-with-a-long-name-1abcdefg';
      const content = template.make({ id, name: 'Made', bands: firstBands, category: 1 });
      const plan = apply(base, addPage({ id, name: 'Made', slug: 'made' }, content));
      expect(checkDocument(`page:${id}`, plan.pages[id]), template.id).toBeNull();
      for (const { id: shelf } of content.shelves)
        expect(checkDocument(`shelf:${shelf}`, plan.shelves[shelf]), template.id).toBeNull();
      const complete = completePlan(plan);
      const view = specimenView(complete, 64, { page: complete.pages[id]! });
      expect(
        view.bays.filter(({ empty }) => empty),
        template.id,
      ).toEqual([]);
      const wrong = findingsOn(view, complete, specimenNames).filter(
        ({ severity, check }) => severity === 'wrong' && check !== 'field-missing',
      );
      expect(wrong, template.id).toEqual([]);
      expect(new Set(pageTemplates.map((one) => one.id)).size).toBe(pageTemplates.length);
    }
  });

  it('show the category that was chosen, and all where none is there', () => {
    const everything = pageTemplates.find(({ needsCategory }) => needsCategory)!;
    const shelf = (category: number | null) =>
      everything.make({ id: 'x', name: 'X', bands: firstBands, category }).shelves[0]!.assortment;
    expect(shelf(7)).toMatchObject({ rule: { parts: [{ is: 'category', ids: [7], below: true }] } });
    expect(shelf(null)).not.toHaveProperty('rule');
  });
});
