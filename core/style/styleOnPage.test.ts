import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { valueAt, type Varying } from '../bands/varying.ts';
import { pageCss } from '../css/pageCss.ts';
import { apply, type Command } from '../plan/commands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { firstBands as bands } from '../plan/firstBands.ts';
import { settingChanges } from '../change/settingChanges.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { anyStyleSet, setStyle as set } from '../specimen/styles.ts';
import { elementsDrawn } from '../view/elementsDrawn.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { elements } from './elements/index.ts';
import { pageIntoHouse } from './intoHouse.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { setOnly } from './setValues.ts';
import type { StateId } from './states.ts';
import { styleOnPage } from './styleOnPage.ts';
import { takenIn, type Style } from './styleTree.ts';

const HOUSE = { house: true } as const;
const PAGE = { page: 'home' } as const;
const start = specimenStored([specimenShelf('a')], [specimenBay('a')]);

const run = (plan: StoredPlan, ...commands: Command[]) => commands.reduce(apply, plan);
const styles = (plan: StoredPlan): [page: Style, house: Style] => {
  const { pages, house } = completePlan(plan);
  return [pages.home!.style, house.style];
};
const onPage = (plan: StoredPlan): Style => {
  const [page, house] = styles(plan);
  return styleOnPage(house, page, bands);
};
const at = (style: Style, element: string, state: StateId, property: PropertyId, band: string): unknown => {
  const value = style[element]?.[state]?.[property];
  return (
    (properties[property].varies ? valueAt((value ?? {}) as Varying<unknown>, bands, band) : value) ?? null
  );
};

/** Everything that can be set, at every width. */
function* everywhere() {
  for (const element of elements)
    for (const state of element.states)
      for (const property of takenIn(element, state))
        for (const { id } of bands) yield [element.id, state, property, id] as const;
}

const anyCommands = (on: typeof HOUSE | typeof PAGE, least: number) =>
  fc.array(anyStyleSet(on, elements), { minLength: least, maxLength: 8 });

describe('what is styled of a page', () => {
  it('comes to what is set on the page, from the width on at which it is, and else to what the house has', () => {
    fc.assert(
      fc.property(anyCommands(PAGE, 1), anyCommands(HOUSE, 0), (ofPage, ofHouse) => {
        const plan = run(start, ...ofPage, ...ofHouse);
        expect(checkDocument('page:home', plan.pages.home!)).toBeNull();
        const [page, house] = styles(plan);
        const made = styleOnPage(house, page, bands);
        for (const where of everywhere())
          expect(at(made, ...where), where.join(' ')).toEqual(at(page, ...where) ?? at(house, ...where));
      }),
      { numRuns: 60 },
    );
  });

  it('is the very same as the house where nothing is, and as before while neither is changed', () => {
    const [page, house] = styles(start);
    expect(styleOnPage(house, page, bands)).toBe(house);
    const plan = run(start, set(PAGE, 'title.rest.weight', 700));
    const made = onPage(plan);
    expect(made).not.toBe(house);
    const other = apply(plan, { do: 'set', on: PAGE, setting: 'headed', value: false });
    expect(onPage(other)).toBe(made);
    expect(onPage(run(plan, set(PAGE, 'title.rest.weight', undefined)))).toBe(house);
  });

  it('draws the page as if it were the house’s, to the last figure, and no other page', () => {
    const commands = (on: typeof HOUSE | typeof PAGE) => [
      set(on, 'title.rest.size', 31, 'phone'),
      set(on, 'title.rest.size', 44, 'laptop'),
      set(on, 'card.rest.background', '#f0e4d2'),
      set(on, 'button.hover.background', 'accent'),
    ];
    const [ofPage, ofHouse] = [PAGE, HOUSE].map((on) => completePlan(run(start, ...commands(on))));
    const drawn = (plan: typeof ofPage) => specimenView(plan!, 12);
    const shelfOf = (plan: typeof ofPage) => shelvesOn(drawn(plan))[0]!.shelf;
    expect(shelfOf(ofPage)).toEqual(shelfOf(ofHouse));
    expect(shelfOf(ofPage)).not.toEqual(shelfOf(completePlan(start)));
    expect(pageCss(drawn(ofPage))).toBe(pageCss(drawn(ofHouse)));
    const plan = run(
      { ...start, pages: { ...start.pages, other: { ...start.pages.home!, id: 'other' } } },
      ...commands(PAGE),
    );
    const complete = completePlan(plan);
    const seen = (page: string) => specimenView(complete, 12, { page: complete.pages[page]! });
    expect(setOnly(seen('other').style)).toEqual({});
    expect(Object.keys(setOnly(seen('home').style)).sort()).toEqual(['button', 'card', 'title']);
  });

  it('leaves what a shelf sets itself', () => {
    const plan = run(
      start,
      set(PAGE, 'title.rest.textColour', '#aa0000'),
      set({ shelf: 'a' }, 'title.rest.textColour', '#00aa00'),
    );
    const { shelf } = shelvesOn(specimenView(completePlan(plan), 12))[0]!;
    expect(shelf.style.title!.rest!.textColour).toBe('#00aa00');
  });

  it('is told change by change, as of the page', () => {
    const plan = run(start, set(PAGE, 'title.rest.size', 24, 'laptop'));
    const said = settingChanges(
      { target: PAGE, place: { page: null, words: 'Home', bay: null } as never },
      { before: start, after: plan, names: specimenNames },
    ).map(({ text }) => text);
    expect(said.join('; ')).toContain('title: text size now 24 px from Laptop, was as the house');
  });

  it('made the house’s changes nothing of the page, and is set there no more', () => {
    fc.assert(
      fc.property(anyCommands(PAGE, 1), anyCommands(HOUSE, 0), (ofPage, ofHouse) => {
        const before = run(start, ...ofPage, ...ofHouse);
        const [page, house] = styles(before);
        const after = apply(before, pageIntoHouse(page, house, PAGE, bands));
        expect(after.pages).toEqual(start.pages);
        expect(checkDocument('house', after.house)).toBeNull();
        const [was, is] = [onPage(before), onPage(after)];
        for (const where of everywhere())
          expect(at(is, ...where), where.join(' ')).toEqual(at(was, ...where));
      }),
      { numRuns: 60 },
    );
  });
});

describe('what can be styled of a page', () => {
  const ids = (plan: StoredPlan) => {
    const complete = completePlan(plan);
    return elementsDrawn(specimenView(complete, 12), complete).map(({ id }) => id);
  };

  it('is what stands on every page, and what its own bays and shelves draw', () => {
    const found = ids(start);
    for (const id of ['page', 'pageTitle', 'breadcrumb', 'card', 'title', 'heading'])
      expect(found).toContain(id);
    for (const id of ['basket', 'arrow', 'bannerTitle', 'tab']) expect(found).not.toContain(id);
  });

  it('grows with what is put on it', () => {
    const banner = specimenBay('top', { holds: 'banner', title: 'Tall jugs' } as never);
    const more = specimenStored(
      [specimenShelf('a', { card: { parts: { basket: { shown: { phone: true } } } } })],
      [banner, specimenBay('a')],
    );
    const found = ids(more);
    expect(found).toContain('bannerTitle');
    expect(found).toContain('basket');
  });
});
