import { describe, expect, it } from 'vitest';
import { innerWidth } from '../geometry/steps.ts';
import { categoryPage } from '../pages/category.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { subjectOf } from '../plan/target.ts';
import { edgesCss } from '../css/edgesCss.ts';
import {
  specimenBay,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenView,
} from '../specimen/specimen.ts';
import { edgeLayout } from './edgeLayout.ts';
import { shelvesOn } from './shelvesIn.ts';
import type { PageView } from './view.ts';

const stored = (settings: object, bays = [specimenBay('a')]) => {
  const plan = specimenStored([specimenShelf('a'), specimenShelf('b')], bays);
  const page = { ...plan.pages.home!, ...settings };
  expect(checkDocument('page:home', page)).toBeNull();
  const header = { id: 'header', kind: 'header', bays: [specimenBay('line', { holds: 'line' } as never)] };
  return { ...plan, pages: { ...plan.pages, home: page, header } };
};
const seen = (settings: object, bays?: ReturnType<typeof specimenBay>[]): PageView =>
  specimenView(completePlan(stored(settings, bays)), 12, { about: { category: specimenTree.all[1]! } });
const inner = (view: PageView, px: number, at = 0): number =>
  innerWidth(shelvesOn(view)[at]!.shelf.room, view.bands, view.bands.at(-1)!.id, px);

describe('how wide a page is', () => {
  it('is that of the store, or its own, for every bay on it and for nothing of the header', () => {
    const [store, narrow] = [seen({}), seen({ width: 'own', ownPx: 600 })];
    expect(inner(store, 3000)).toBe(store.contentPx);
    expect(inner(narrow, 3000)).toBe(600);
    expect(narrow.edgesPx).toBe(store.contentPx);
    expect(edgeLayout(narrow.head!, narrow, 3000)).toEqual(edgeLayout(store.head!, store, 3000));
    // What is not in use is kept.
    expect(inner(seen({ ownPx: 600 }), 3000)).toBe(store.contentPx);
  });

  it('bounds what is as wide as the window only where all stands on a panel', () => {
    const wide = [specimenBay('a', { look: { width: 'window' } })];
    expect(inner(seen({}, wide), 3000)).toBeGreaterThan(2500);
    const framed = seen({ framed: true }, wide);
    expect(inner(framed, 3000)).toBe(framed.contentPx);
    expect(inner(framed, 400)).toBe(inner(seen({}, wide), 400));
  });
});

describe('what is behind a page', () => {
  it('is behind each bay, but for those on a panel', () => {
    const background = '#204060';
    expect(seen({ background }).bays[0]!.look.background).toBe(background);
    const framed = seen({ background, framed: true });
    expect(framed.bays[0]!.look.background).toBeNull();
    const rule = (view: PageView, selector: string) =>
      edgesCss(view)
        .split('}')
        .filter((one) => one.startsWith(`${selector}{`) && one.includes('background'));
    expect(rule(framed, '.region').join()).toContain(background);
    expect(rule(framed, '.main').join()).toContain('max-width');
    expect(rule(seen({ background }), '.region')).toEqual([]);
  });
});

describe('the heading of a page and the way to it', () => {
  const about = { kind: 'category' };
  it('are there unless they are turned off; the heading is read aloud all the same', () => {
    expect(seen(about)).toMatchObject({ firstHeading: 'Category 2', headed: true, headingAlign: 'start' });
    expect(seen(about).trail.map(({ words }) => words)).toEqual(['Shop', 'Category 1', 'Category 2']);
    const off = seen({ ...about, headed: false, breadcrumb: false, headingAlign: 'center' });
    expect(off).toMatchObject({ firstHeading: 'Category 2', headed: false, trail: [] });
  });

  it('say why they have no effect', () => {
    const plan = stored({ headed: false });
    const { settings, document } = subjectOf(plan, { page: 'home' })!;
    const off = (id: string, more: object = {}) =>
      settings.find((one) => one.id === id)!.offBecause!(
        (key) => ({ headed: true, width: 'store', ...document, ...more })[key as never],
      );
    expect(off('headingAlign')).toBe('The heading is hidden');
    expect(off('breadcrumb')).toBe('Nothing stands above this page');
    expect(off('breadcrumb', { kind: categoryPage.id })).toBeNull();
    expect(off('ownPx')).not.toBeNull();
    expect(off('ownPx', { width: 'own' })).toBeNull();
  });
});
