import { describe, expect, it } from 'vitest';
import type { StoredBay } from '../bays/index.ts';
import type { Item } from '../card/item.ts';
import type { CollectionFacts } from '../catalogue/facts.ts';
import type { StoredPage } from '../plan/page.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { collectionsUnseen, MOST_LOOKED_FOR, sellsUnseen } from './planning.ts';

const sold = (id: number, count: number): Item => ({
  of: 'products',
  product: specimenProduct(id, { sold: count }),
});

describe('what sells most', () => {
  const view = specimenView(completePlan(specimenStored([specimenShelf('a')])), 4);

  it('is told of where the page does not show it, in the order of what sold most', () => {
    const ids = (...best: Item[]) => sellsUnseen(best, view).map(({ id }) => id);
    expect(ids(sold(90, 9), sold(2, 8), sold(91, 7), sold(1, 6))).toEqual([90, 91]);
    expect(ids(sold(1, 3), sold(2, 2), sold(3, 1), sold(4, 1))).toEqual([]);
  });

  it('is nothing that never sold, and none of those that sell less', () => {
    expect(sellsUnseen([sold(90, 0), sold(91, 0)], view)).toEqual([]);
    const many = Array.from({ length: MOST_LOOKED_FOR + 3 }, (_, i) => sold(i < 3 ? i + 1 : 100 + i, 50 - i));
    expect(sellsUnseen(many, view).map(({ id }) => id)).toEqual([103, 104]);
  });
});

describe('collections that are shown nowhere', () => {
  const collections = [1, 2, 3].map((id): CollectionFacts => ({
    id,
    slug: `c-${id}`,
    name: `Collection ${id}`,
    byRule: false,
    description: '',
    picture: null,
    position: id,
    products: id === 3 ? 0 : 4,
  }));
  const unseen = (
    shelf: Partial<StoredShelf> = {},
    bays?: StoredBay[],
    pages: Record<string, StoredPage> = {},
  ) => {
    const stored = specimenStored([specimenShelf('a', shelf)], bays);
    const plan = completePlan({ ...stored, pages: { ...stored.pages, ...pages } });
    return collectionsUnseen(plan, collections).map(({ id }) => id);
  };
  const rule = (join: 'all' | 'none') =>
    ({
      assortment: {
        of: 'products',
        rule: { join: 'all', parts: [{ join, parts: [{ is: 'collection', ids: [1] }] }] },
      },
    }) as Partial<StoredShelf>;

  it('are those that no shelf shows or sells from, and that have something in them', () => {
    expect(unseen()).toEqual([1, 2]);
    expect(unseen({ assortment: { of: 'collections' } })).toEqual([]);
    expect(unseen({ assortment: { of: 'collections', ids: [2] } })).toEqual([1]);
    expect(unseen(rule('all'))).toEqual([2]);
    // What is ruled out is not shown.
    expect(unseen(rule('none'))).toEqual([1, 2]);
  });

  it('are none that a link leads to, by name or by address, in the header as well', () => {
    const links = (link: string) =>
      ({ holds: 'links', links: [{ id: 'l', words: 'See', link }] }) as unknown as Partial<StoredBay>;
    expect(unseen({}, [specimenBay('x', links('/collection/c-1'))])).toEqual([2]);
    expect(unseen({}, [specimenBay('x', links('/collection/c-11'))])).toEqual([1, 2]);
    const menu = {
      holds: 'menu',
      items: [{ id: 'm', link: 'collection:2' }],
    } as unknown as Partial<StoredBay>;
    const header = { id: 'header', kind: 'header', name: 'Header', bays: [specimenBay('m', menu)] };
    expect(unseen({}, undefined, { header })).toEqual([1]);
  });

  it('count as shown by no bay that is hidden, kept for later, or on a page that is deleted', () => {
    const all = { assortment: { of: 'collections' } } as Partial<StoredShelf>;
    expect(unseen(all, [specimenBay('a', { hidden: true })])).toEqual([1, 2]);
    const elsewhere = (page: Partial<StoredPage>) =>
      unseen(all, [], {
        other: { id: 'other', kind: 'own', name: 'Other', slug: 'other', bays: [specimenBay('a')], ...page },
      });
    expect(elsewhere({})).toEqual([]);
    expect(elsewhere({ removed: true })).toEqual([1, 2]);
    expect(elsewhere({ kind: 'library', slug: undefined })).toEqual([1, 2]);
  });
});
