// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { Item } from '../../core/card/item.ts';
import { partsOf } from '../../core/card/parts/index.ts';
import type { ProductFacts } from '../../core/catalogue/facts.ts';
import { findingsOn } from '../../core/checks/index.ts';
import { LAYOUT_IDS } from '../../core/layouts/index.ts';
import type { StoredShelf } from '../../core/plan/shelf.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import {
  specimenNames,
  specimenPicture,
  specimenProduct,
  specimenShelf,
  specimenStored,
  specimenValue,
  specimenViewOf,
} from '../../core/specimen/specimen.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import { htmlPage } from './document.tsx';

const MOST_PRICE = 2 ** 31 - 1;

/** Goods as no careful owner would write them, but an import could. */
const ODD: Record<string, Partial<ProductFacts>> = {
  'a title of ten thousand characters': { title: 'long '.repeat(2_000) },
  'a title of one word without end': { title: 'm'.repeat(10_000) },
  'a title of invisible characters': { title: '\u200b\u2060\ufeff' },
  'characters that turn the direction of text': {
    title: 'Bowl \u202egnirts',
    brand: '\u2067x',
    code: '\u202d9',
  },
  'nothing said': {
    title: '',
    shortText: '',
    brand: '',
    category: '',
    code: '',
    stock: { state: 'in', count: 0 },
  },
  'a price of nothing': { price: { regular: 0, reduced: null, from: false } },
  'an enormous price': { price: { regular: MOST_PRICE, reduced: MOST_PRICE - 1, from: true } },
  'a price reduced to the least': { price: { regular: MOST_PRICE, reduced: 1, from: false } },
  'more reviews and sales than there are people': {
    rating: { mean: 5, count: MOST_PRICE },
    sold: MOST_PRICE,
    stock: { state: 'last', count: MOST_PRICE },
  },
  'fields of other types than they say': {
    fields: [
      { id: 'a', name: 'Width', value: 'not a number', unit: 'mm' },
      { id: 'b', name: '', value: Number.MAX_SAFE_INTEGER, unit: '' },
      { id: 'c', name: 'Glazed', value: false, unit: 'kg' },
      { id: 'd', name: 'Empty', value: '', unit: 'cm' },
    ],
  },
  'an option without values, and one with a colour that is none': {
    options: [
      { id: 1, name: '', values: [] },
      { id: 2, name: 'Glaze', values: [specimenValue(1, { name: '', colour: 'url(//a.example/x)' })] },
    ],
  },
  'pictures of one pixel, and as wide as can be': {
    pictures: [specimenPicture({ width: 1, height: 1 }), specimenPicture({ width: 12_000, height: 1 })],
  },
};

const goods = Object.values(ODD).map((facts, i): Item => ({
  of: 'products',
  product: specimenProduct(i + 1, facts),
}));

const everyPart = Object.fromEntries(
  partsOf('products').map(({ id, ofField }) => [
    id,
    { shown: { phone: true }, ...(ofField && { field: 'b' }) },
  ]),
) as NonNullable<NonNullable<StoredShelf['card']>['parts']>;

function drawn(layout: StoredShelf['layout'], currency: string) {
  const stored = specimenStored([
    specimenShelf('s', { layout, amount: { by: 'items', items: { phone: 24 } }, card: { parts: everyPart } }),
  ]);
  const labels = { list: [{ id: 'sale', kind: 'sale', words: '{saved} {percent} {nothing}' }] };
  const plan = completePlan({ ...stored, house: { ...stored.house, currency, labels } });
  const view = specimenViewOf(plan, () => ({
    total: goods.length,
    own: goods.length,
    start: 0,
    items: goods,
  }));
  return { plan, view };
}

describe('goods as no careful owner would write them', () => {
  // Without minor units, with three digits of them, and the usual.
  const currencies = ['JPY', 'KWD', 'GBP'];

  it.each(LAYOUT_IDS)('are a whole page in the layout %s', (layout) => {
    for (const currency of currencies) {
      const { plan, view } = drawn({ phone: layout }, currency);
      const { html } = htmlPage(view, 'https://shop.example');
      const page = new DOMParser().parseFromString(html, 'text/html');
      expect(page.querySelectorAll('[data-card]')).toHaveLength(goods.length);
      expect(page.body.textContent).not.toMatch(/NaN|undefined|Infinity|\[object|null/);
      // No address of somebody else reaches a page by a value.
      expect(html).not.toContain('a.example');
      for (const { shelf } of shelvesOn(view))
        for (const step of shelf.steps)
          for (const value of [step.insidePx, step.across, step.labelsOutPx])
            expect(Number.isFinite(value)).toBe(true);
      for (const { text } of findingsOn(view, plan, specimenNames)) {
        expect(text.length).toBeLessThan(300);
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
      }
    }
  });

  it('are told of where an owner can mend them', () => {
    const { plan, view } = drawn({ phone: 'grid' }, 'GBP');
    const found = findingsOn(view, plan, specimenNames).map(({ check }) => check);
    expect(found).toEqual(expect.arrayContaining(['text-clipped', 'picture-too-small']));
  });

  it('have prices as their currency writes them', () => {
    const first = (currency: string) => {
      const { view } = drawn({ phone: 'grid' }, currency);
      const enormous = Object.keys(ODD).indexOf('an enormous price');
      return JSON.stringify(shelvesOn(view)[0]!.shelf.cards[enormous]!.parts);
    };
    expect(first('JPY')).toContain('JP¥2,147,483,646');
    expect(first('KWD')).toMatch(/KWD\s2,147,483\.646/);
    expect(first('GBP')).toContain('£21,474,836.46');
  });
});
