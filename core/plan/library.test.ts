import { describe, expect, it } from 'vitest';
import { changesBetween } from '../change/changesBetween.ts';
import { isPublic, pageKinds, publicKinds, wantedAt } from '../pages/index.ts';
import { library } from '../pages/library.ts';
import { specimenBay, specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { checkDocument } from './checkDocument.ts';
import { apply } from './commands.ts';
import { canKeep, keepBay, libraryOf } from './library.ts';
import { linkTo } from './linkTo.ts';
import { MOST_BAYS } from './page.ts';
import { asShoppersSee } from './places.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';
import { subjectOf } from './target.ts';

const tabs = specimenBay('both', {
  holds: 'tabs',
  tabs: [
    { id: 'one', shelfId: 'a' },
    { id: 'two', shelfId: 'b' },
  ],
} as never);
const start = specimenStored(
  [specimenShelf('a', { name: 'First' }), specimenShelf('b', { name: 'Second', like: 'a' })],
  [tabs, specimenBay('b')],
);
const ids = { both: 'both-1', a: 'a-1', b: 'b-1' };
const kept = apply(start, keepBay(start, 'home', 'both', ids));

describe('a bay that is saved to the library', () => {
  it('is a copy with shelves of its own, still laid out like one another', () => {
    expect(libraryOf(start)).toBeUndefined();
    expect(libraryOf(kept)!.bays).toEqual([
      {
        ...tabs,
        id: 'both-1',
        tabs: [
          { id: 'one', shelfId: 'a-1' },
          { id: 'two', shelfId: 'b-1' },
        ],
      },
    ]);
    expect(kept.shelves['a-1']).toEqual({ ...start.shelves.a, id: 'a-1' });
    expect(kept.shelves['b-1']).toEqual({ ...start.shelves.b, id: 'b-1', like: 'a-1' });
    expect(kept.pages.home).toBe(start.pages.home);
  });

  it('stays as it is when the page changes, and what is kept next comes after it', () => {
    const changed = apply(kept, { do: 'set', on: { shelf: 'a' }, setting: 'name', value: 'Other' });
    expect(changed.shelves['a-1']!.name).toBe('First');
    const gone = apply(changed, { do: 'removeBay', page: 'home', bay: 'both' });
    expect(gone.shelves).toHaveProperty('a-1');
    const two = apply(gone, keepBay(gone, 'home', 'b', { b: 'b-2' }));
    expect(libraryOf(two)!.bays.map(({ id }) => id)).toEqual(['both-1', 'b-2']);
    expect(() => keepBay(gone, 'home', 'both', ids)).toThrow(RangeError);
    expect(() => keepBay(gone, 'nowhere', 'b', ids)).toThrow(RangeError);
  });

  it('is nothing that shoppers see: there is nothing to publish, no address, and no link to it', () => {
    expect(asShoppersSee(kept)).toEqual(start);
    expect(changesBetween(start, asShoppersSee(kept), specimenNames)).toEqual([]);
    const page = libraryOf(kept)!;
    expect(isPublic(page)).toBe(false);
    expect(publicKinds).not.toContain(library);
    expect(wantedAt('/library')).toBeNull();
    const plan = completePlan(kept);
    const world = { plan, tree: { byId: () => undefined }, collections: [] } as never;
    expect(linkTo('page:home', world)).not.toBeNull();
    expect(linkTo(`page:${page.id}`, world)).toBeNull();
  });

  it('is kept as a document like any other, and can be arranged where it is', () => {
    const page = libraryOf(kept)!;
    expect(checkDocument(`page:${page.id}`, page)).toBeNull();
    expect(subjectOf(kept, { page: page.id })!.settings.map(({ id }) => id)).toEqual(['background']);
    expect(subjectOf(kept, { page: page.id, bay: 'both-1' })!.settings.length).toBeGreaterThan(10);
    expect(pageKinds.filter((kind) => kind.kept)).toEqual([library]);
  });

  it('finds no room where as many are kept as a page can have', () => {
    expect(canKeep(start)).toBe(true);
    const full = (count: number): StoredPlan => ({
      ...kept,
      pages: {
        ...kept.pages,
        library: {
          ...libraryOf(kept)!,
          bays: Array.from({ length: count }, (_, i) => specimenBay(`kept-${i}`)),
        },
      },
    });
    expect(canKeep(full(MOST_BAYS - 1))).toBe(true);
    expect(canKeep(full(MOST_BAYS))).toBe(false);
  });
});
