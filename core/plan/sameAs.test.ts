import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bayKinds, baySettings, specOf } from '../bays/index.ts';
import { specimenNames, specimenStored } from '../specimen/specimen.ts';
import { apply, type Command } from './commands.ts';
import { whereItIsFrom } from './like.ts';
import { asShoppersSee } from './places.ts';
import { canGive, giverOfBay, isOwnOfBay, onItsOwn, sameAsThis } from './sameAs.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';

const banner = (id: string, more: object = {}) => ({ id, holds: 'banner', ...more }) as never;
const page = (id: string, kind: string, ...bays: never[]) => ({ id, kind, name: id, bays });
const planOf = (...pages: ReturnType<typeof page>[]): StoredPlan => ({
  ...specimenStored([]),
  pages: Object.fromEntries(pages.map((one) => [one.id, one])),
});
const run = (plan: StoredPlan, command: Command) => apply(plan, whereItIsFrom(plan, command));
const bayOf = (plan: StoredPlan, pageId: string, bay: string) =>
  completePlan(plan).pages[pageId]!.bays.find(({ id }) => id === bay) as unknown as Record<string, unknown>;
const set = (pageId: string, bay: string, setting: string, value: unknown): Command => ({
  do: 'set',
  on: { page: pageId, bay },
  setting,
  value,
});

const head = { title: 'Fired by hand', button: 'Browse', look: { width: 'content' }, anchor: 'top' };
const collection = page('collection', 'collection', banner('head', head));
const search = page(
  'search',
  'search',
  banner('top', {
    title: 'What it said before',
    sameAs: { page: 'collection', bay: 'head' },
    hidden: true,
    bands: ['phone'],
  }),
);
const plan = planOf(collection, search);

describe('a bay that is the same as one of another page', () => {
  it('has words and look from there, and where and when it is shown from itself', () => {
    expect(bayOf(plan, 'search', 'top')).toMatchObject({
      id: 'top',
      title: 'Fired by hand',
      button: 'Browse',
      look: { width: 'content' },
      hidden: true,
      bands: ['phone'],
      anchor: '',
    });
    expect(bayOf(plan, 'collection', 'head')).toMatchObject({ hidden: false, bands: null, anchor: 'top' });
  });

  it('leaves its page the very same while neither changes, and makes it another once either does', () => {
    const before = completePlan(plan).pages.search;
    const aside = run(plan, { do: 'set', on: { page: 'search' }, setting: 'name', value: 'Found' });
    expect(completePlan(aside).pages.search!.bays[0]).toBe(before!.bays[0]);
    const elsewhere = run(plan, { do: 'set', on: { page: 'collection' }, setting: 'headed', value: false });
    expect(completePlan(elsewhere).pages.search).toBe(before);
    const next = run(plan, set('collection', 'head', 'title', 'Thrown by hand'));
    expect(completePlan(next).pages.search).not.toBe(before);
    expect(bayOf(next, 'search', 'top').title).toBe('Thrown by hand');
  });

  it('is changed there where it has it from there, and here where it is its own', () => {
    const next = run(plan, {
      do: 'together',
      commands: [set('search', 'top', 'button', 'To the shop'), set('search', 'top', 'hidden', undefined)],
    });
    expect(next.pages.collection!.bays[0]).toMatchObject({ button: 'To the shop' });
    expect(next.pages.search!.bays[0]).not.toHaveProperty('button');
    expect(bayOf(next, 'search', 'top')).toMatchObject({ button: 'To the shop', hidden: false });
    expect(bayOf(next, 'collection', 'head')).toMatchObject({ button: 'To the shop', hidden: false });
  });

  it('looks as it did once it is on its own, and then goes its own way', () => {
    const apart = onItsOwn(plan.pages, 'search', plan.pages.search!.bays[0]!);
    const next = planOf(collection, { ...search, bays: [apart as never] });
    expect({ ...bayOf(next, 'search', 'top'), sameAs: null }).toEqual({
      ...bayOf(plan, 'search', 'top'),
      sameAs: null,
    });
    expect(run(next, set('search', 'top', 'title', 'Found')).pages.collection).toBe(next.pages.collection);
  });

  it('says what it said before where the other is gone or is of another kind', () => {
    for (const other of [
      planOf(search),
      planOf(page('collection', 'collection'), search),
      planOf(page('collection', 'collection', { id: 'head', holds: 'words' } as never), search),
    ])
      expect(bayOf(other, 'search', 'top').title).toBe('What it said before');
  });

  it('stays as it is when the other is removed, alone or with its page: one has it from then on, the others from that', () => {
    const third = page('shop', 'shop', banner('third', { sameAs: { page: 'collection', bay: 'head' } }));
    const three = planOf(collection, search, third);
    const said = (one: StoredPlan) =>
      [bayOf(one, 'search', 'top'), bayOf(one, 'shop', 'third')].map((bay) => ({ ...bay, sameAs: null }));
    for (const command of [
      { do: 'removeBay', page: 'collection', bay: 'head' },
      { do: 'putDocument', key: 'page:collection', document: null },
      { do: 'putDocument', key: 'page:collection', document: { ...collection, bays: [] } },
    ] satisfies Command[]) {
      const next = apply(three, command);
      expect(said(next)).toEqual(said(three));
      expect(next.pages.shop!.bays[0]).toMatchObject({ sameAs: { page: 'search', bay: 'top' } });
      expect(run(next, set('shop', 'third', 'title', 'Both')).pages.search!.bays[0]).toMatchObject({
        title: 'Both',
      });
    }
  });

  it('hands nothing on to a bay that is kept for later or stands in the footer, which stay as they are', () => {
    const same = { title: 'Old', sameAs: { page: 'collection', bay: 'head' } };
    const kept = page('library', 'library', banner('saved', same));
    const foot = page('footer', 'footer', banner('under', same));
    const shop = page('shop', 'shop', banner('third', same));
    for (const others of [
      [kept, foot],
      [kept, foot, shop],
    ]) {
      const before = planOf(collection, ...others);
      const next = apply(before, { do: 'removeBay', page: 'collection', bay: 'head' });
      for (const { id, bays } of others) {
        const [{ id: bay }] = bays as unknown as [{ id: string }];
        expect(bayOf(next, id, bay).title).toBe('Fired by hand');
        expect(next.pages[id]!.bays[0]!.sameAs).toEqual(
          others.includes(shop) && id !== 'shop' ? { page: 'shop', bay: 'third' } : undefined,
        );
      }
    }
  });

  it('is the same for shoppers, who never see the bays that are kept for later', () => {
    const library = page('library', 'library', banner('saved', { title: 'Saved' }));
    const asSaved = page(
      'search',
      'search',
      banner('top', { title: 'Own', sameAs: { page: 'library', bay: 'saved' } }),
    );
    const kept = planOf(library, asSaved);
    expect(bayOf(kept, 'search', 'top').title).toBe('Own');
    expect(bayOf(asShoppersSee(kept), 'search', 'top')).toEqual(bayOf(kept, 'search', 'top'));
    expect(bayOf(asShoppersSee(plan), 'search', 'top')).toEqual(bayOf(plan, 'search', 'top'));
  });

  it('comes to an end, whoever is the same as whom, and always at one that gives to itself', () => {
    const ids = ['a', 'b', 'c', 'd', 'e'];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...ids, 'gone', null), { minLength: 5, maxLength: 5 }),
        (named) => {
          const any = planOf(
            ...ids.map((id, i) =>
              page(
                id,
                'collection',
                banner(id, {
                  title: id,
                  ...(named[i] !== null && { sameAs: { page: named[i], bay: named[i] } }),
                }),
              ),
            ),
          );
          for (const id of ids) {
            const giver = giverOfBay(any.pages, { page: id, bay: id });
            expect(ids).toContain(giver.page);
            expect(bayOf(any, id, id).title).toBe(giver.page);
            if (giver.page !== id) {
              expect(giverOfBay(any.pages, giver)).toEqual(giver);
              expect(sameAsThis(any.pages, giver)).toContainEqual({ page: id, bay: id });
            }
          }
        },
      ),
    );
  });
});

it('what can be the same is of the same kind and on another page, and has what it has from nobody', () => {
  const words = { id: 'words', holds: 'words' } as never;
  const wide = planOf(
    page('collection', 'collection', banner('head'), words),
    search,
    page('header', 'header', banner('edge')),
    page('library', 'library', banner('saved')),
  );
  expect(canGive(wide.pages, 'shop', { holds: 'banner' })).toEqual([{ page: 'collection', bay: 'head' }]);
  expect(canGive(wide.pages, 'collection', { holds: 'banner' })).toEqual([]);
  expect(canGive(wide.pages, 'shop', { holds: 'words' })).toEqual([{ page: 'collection', bay: 'words' }]);
});

it('only kinds that hold no shelf can be the same, and say so on their first line', () => {
  for (const kind of bayKinds) {
    const ids = baySettings(kind.id).map(({ id }) => id);
    expect(ids.includes('sameAs'), kind.id).toBe(kind.alike === true);
    expect(baySettings(kind.id, true).some(({ id }) => id === 'sameAs')).toBe(kind.alike === true);
    if (!kind.alike) continue;
    expect(kind.shelves(kind.atFirst('x').bay as never)).toEqual([]);
    const line = baySettings(kind.id).find(({ id }) => id === 'sameAs')!.line;
    const first = specOf(kind.id)[0]!;
    expect(first.id).toBe(line);
    const at = planOf(page('shop', 'shop', kind.atFirst('x').bay as never), page('own', 'own'));
    const bay = completePlan(at).pages.shop!.bays[0]! as never as object;
    const said = (sameAs: object | null) =>
      first.say({
        bay: { ...bay, sameAs } as never,
        shelf: null,
        assortment: null,
        names: specimenNames,
        total: null,
      });
    expect(said({ page: 'own', bay: 'head' })).toEqual([
      { text: 'The same as "Bay head" on "Page own"', opens: 'sameAs' },
      ': ',
      ...said(null),
    ]);
  }
});

it('knows what a bay has to itself', () => {
  expect(['id', 'hidden', 'from', 'place.takes', 'anchor', 'sameAs'].every(isOwnOfBay)).toBe(true);
  expect(['title', 'look.above', 'heading.words', 'style.heading.rest.size'].some(isOwnOfBay)).toBe(false);
});
