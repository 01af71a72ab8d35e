import fc from 'fast-check';
import { saidParts } from '../plan/saidParts.ts';
import { describe, expect, it } from 'vitest';
import { neededFacts } from '../card/needs.ts';
import type { PartView } from '../card/parts/index.ts';
import { SELLING_BY, type SellingBy } from '../catalogue/selling.ts';
import { picturesNamed } from '../plan/picturesNamed.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan } from '../plan/storedPlan.ts';
import {
  specimenNames,
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenTree,
  specimenValue,
  specimenView,
  specimenViewOf,
} from '../specimen/specimen.ts';
import { shelvesOn } from '../view/shelvesIn.ts';
import { sayStoreGroups } from './sayStoreGroups.ts';
import { sellsByBasket, sellsOtherwise, soldAs } from './soldAs.ts';
import { groupId, groupNamed, storeGroupsSchema, type StoreGroup } from './storeGroup.ts';

const WAYS = Object.keys(SELLING_BY) as SellingBy[];
const ICON = 'a'.repeat(64);
const store = (by: SellingBy, groups: StoreGroup[]) => ({ selling: { by, prices: true }, groups });
const category = (id: number, by?: SellingBy): StoreGroup => ({
  id: groupId('category', id),
  ...(by && { by }),
});

describe('how a product is sold', () => {
  it('is as the nearest of its categories says that says anything, else as the store does', () => {
    const set = fc.uniqueArray(
      fc.tuple(fc.integer({ min: 1, max: 9 }), fc.constantFrom(undefined, ...WAYS)),
      {
        selector: ([id]) => id,
      },
    );
    const own = fc.uniqueArray(fc.integer({ min: 1, max: 9 }));
    fc.assert(
      fc.property(fc.constantFrom(...WAYS), set, own, (by, pairs, categories) => {
        const groups = pairs.map(([id, way]) => category(id, way));
        const said = categories.map((id) => pairs.find(([one]) => one === id)?.[1]);
        expect(soldAs({ categories }, store(by, groups)).by).toBe(said.find((way) => way) ?? by);
        expect(sellsOtherwise(groups)).toBe(pairs.some(([, way]) => way));
        // Where nothing goes into a basket, no product does.
        if (soldAs({ categories }, store(by, groups)).by === 'basket')
          expect(sellsByBasket(store(by, groups))).toBe(true);
      }),
    );
  });

  it('keeps whether the store says prices where it does not sell by basket', () => {
    const quiet = { selling: { by: 'basket', prices: false } as const, groups: [category(1, 'quote')] };
    expect(soldAs({ categories: [1] }, quiet)).toEqual({ by: 'quote', prices: false });
  });

  it('reaches the parts that go by it, and only those', () => {
    const values = [
      specimenValue(1, { price: { regular: 100, reduced: null, from: false } }),
      specimenValue(2, { price: { regular: 900, reduced: null, from: false } }),
    ];
    const product = specimenProduct(1, {
      categories: [5, 2],
      price: { regular: 100, reduced: null, from: true },
      options: [{ id: 1, name: 'Glaze', values }],
    });
    const parts: NonNullable<StoredShelf['card']>['parts'] = {
      basket: { shown: { phone: true } },
      quantity: { shown: { phone: true } },
      swatches: { shown: { phone: true }, changes: 'press' },
    };
    const drawn = (groups: StoreGroup[], prices = true): PartView[] => {
      const { house, ...others } = specimenStored([specimenShelf('s', { card: { parts } })]);
      const plan = completePlan({ ...others, house: { ...house, groups, selling: { prices } } });
      const view = specimenView(plan, 1, {}, [{ of: 'products', product }]);
      return shelvesOn(view)[0]!.shelf.cards[0]!.parts;
    };
    const ids = (views: PartView[]) => views.map(({ part }) => part);
    expect(ids(drawn([]))).toEqual(expect.arrayContaining(['price', 'basket', 'swatches']));
    expect(ids(drawn([category(2, 'none')]))).not.toContain('basket');
    expect(ids(drawn([category(2, 'none')]))).not.toContain('quantity');
    // A category that it is not in changes nothing.
    expect(drawn([category(7, 'none')])).toEqual(drawn([]));
    const asked = drawn([category(5, 'quote'), category(2, 'none')]).find(({ part }) => part === 'basket');
    expect(asked).toMatchObject({ variantId: null, href: '/ask/piece-1' });
    // Without its prices, neither the price nor the swatches tell it.
    const silent = drawn([category(5, 'quote')], false);
    expect(ids(silent)).not.toContain('price');
    expect(JSON.stringify(silent)).not.toContain('£');
  });

  it('is read of products only where something is sold otherwise', () => {
    const shelf = (parts: NonNullable<StoredShelf['card']>['parts']) =>
      completePlan(specimenStored([specimenShelf('s', { card: { parts } })])).shelves.s!;
    const needs = (card: ReturnType<typeof shelf>, groups: StoreGroup[]) =>
      neededFacts(card.card, saidParts(card), { labels: { list: [], most: 3 }, groups }).includes(
        'categories',
      );
    const priced = shelf({});
    expect(needs(priced, [])).toBe(false);
    expect(needs(priced, [{ id: groupId('collection', 1), icon: ICON }])).toBe(false);
    expect(needs(priced, [category(1, 'quote')])).toBe(true);
  });
});

describe('an icon', () => {
  const drawn = (groups: StoreGroup[], size?: number) => {
    const shelf = specimenShelf('s', {
      assortment: { of: 'categories', level: { of: 'top' } },
      card: { parts: { icon: { shown: { phone: true }, ...(size && { size }) } } },
    } as never);
    const { house, ...others } = specimenStored([shelf]);
    const plan = completePlan({ ...others, house: { ...house, groups } });
    const view = specimenViewOf(
      plan,
      () => ({
        total: 1,
        own: 1,
        start: 0,
        items: [{ of: 'categories', category: specimenTree.all[0]! }],
      }),
      { pictures: (id) => (id === ICON ? specimenPicture({ id, width: 300, height: 150 }) : undefined) },
    );
    return shelvesOn(view)[0]!.shelf.cards[0]!.parts.find(({ part }) => part === 'icon');
  };

  it('stands on the cards of what has one, as high as is set and as wide as it is', () => {
    const icon = (id: string, picture: string) => drawn([{ id, icon: picture }]);
    expect(icon('category-1', ICON)).toMatchObject({ icon: { widthPx: 64, heightPx: 32 } });
    expect(drawn([{ id: 'category-1', icon: ICON }], 48)).toMatchObject({ icon: { widthPx: 96 } });
    expect(icon('category-2', ICON)).toBeUndefined();
    expect(icon('collection-1', ICON)).toBeUndefined();
    // One that is gone from the picture store leaves nothing broken.
    expect(icon('category-1', 'b'.repeat(64))).toBeUndefined();
  });

  it('is a picture that the page names, so that it is read and counted as used', () => {
    const house = { labels: { list: [], most: 3 }, groups: [{ id: 'category-1', icon: ICON }] };
    expect(picturesNamed({ bays: [] }, { house: house as never, pages: {}, shelves: {} })).toEqual([ICON]);
  });
});

describe('what is set for categories and collections', () => {
  it('is said by their names', () => {
    expect(sayStoreGroups([], specimenNames)).toBe('none with an icon or sold otherwise');
    expect(
      sayStoreGroups(
        [
          { id: 'category-1', icon: ICON, by: 'quote' },
          { id: 'category-2' },
          { id: 'category-99', by: 'none' },
        ],
        specimenNames,
      ),
    ).toBe(
      'Category 1 with an icon and sold by asking for a quote, Category 2 as it is and one that is gone not sold here',
    );
  });

  it.each([
    [[{ id: 'category-0' }], 'number'],
    [[{ id: 'shelf-1' }], 'number'],
    [[{ id: 'category-1', icon: 'x' }], 'picture'],
    [[{ id: 'category-1', by: 'gift' }], 'one of'],
    [[{ id: 'collection-1', by: 'none' }], 'Only what is in a category'],
    [[{ id: 'category-1' }, { id: 'category-1' }], 'named twice'],
    [[{ id: 'category-1', more: 1 }], 'no such value: more'],
  ])('refuses %j', (groups, words) => {
    expect(() => storeGroupsSchema.validateSync(groups, { strict: true })).toThrow(words);
  });

  it('takes what the control writes, and finds again what it names', () => {
    const groups = [
      { id: groupId('category', 12), by: 'quote' },
      { id: groupId('collection', 3), icon: ICON },
    ];
    expect(storeGroupsSchema.validateSync(groups, { strict: true })).toEqual(groups);
    expect(groups.map(({ id }) => groupNamed(id))).toEqual([
      { of: 'category', id: 12 },
      { of: 'collection', id: 3 },
    ]);
  });
});
