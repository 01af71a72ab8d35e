import { describe, expect, it } from 'vitest';
import { findingsIn } from '../core/checks/index.ts';
import { checkDocument } from '../core/plan/checkDocument.ts';
import { documentKeys, documentOf } from '../core/plan/documents.ts';
import { shelvesOf } from '../core/plan/places.ts';
import { completePlan } from '../core/plan/storedPlan.ts';
import { specimenNames } from '../core/specimen/specimen.ts';
import { sceneSvg } from './pictures/scene.ts';
import { demoPlan } from './plan.ts';
import { random } from './random.ts';
import { flatten } from './seed/groups.ts';
import { categorySeeds } from './store/categories.ts';
import { collectionSeeds } from './store/collections.ts';
import { glazes } from './store/glazes.ts';
import { journalSeeds } from './store/journal.ts';
import { brands, productSeeds } from './store/products.ts';
import { eventSeeds, orderSeeds, TRADE_DAYS } from './store/trade.ts';

const products = productSeeds();
const categories = flatten(categorySeeds);
const share = <T>(all: readonly T[], holds: (one: T) => boolean) => all.filter(holds).length / all.length;

describe('the demo store', () => {
  it('is the same whenever it is made', () => {
    expect(productSeeds()).toEqual(products);
    expect(orderSeeds(products)).toEqual(orderSeeds(products));
    const [one, other] = [random('kiln'), random('kiln')];
    expect([one.next(), one.whole(1, 9), one.shuffled([1, 2, 3, 4])]).toEqual([
      other.next(),
      other.whole(1, 9),
      other.shuffled([1, 2, 3, 4]),
    ]);
    expect(random('a').next()).not.toBe(random('b').next());
  });

  it('has about 240 products, each with an address, a price and a place of its own', () => {
    expect(products.length).toBeGreaterThanOrEqual(230);
    expect(products.length).toBeLessThanOrEqual(270);
    const slugs = products.map(({ slug }) => slug);
    expect(new Set(slugs).size).toBe(slugs.length);
    const known = new Set(categories.map(({ slug }) => slug));
    for (const { slug, variants, categories: inThese, brand, ratings } of products) {
      expect(slug).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
      expect(brands as readonly string[], slug).toContain(brand);
      expect(variants.length, slug).toBeGreaterThan(0);
      for (const { price, reduced, stock } of variants) {
        expect(price, slug).toBeGreaterThan(0);
        if (reduced !== null) expect(reduced, slug).toBeLessThan(price);
        if (stock !== null) expect(stock, slug).toBeGreaterThanOrEqual(0);
      }
      for (const one of inThese) expect(known, slug).toContain(one);
      for (const rating of ratings) expect(rating >= 1 && rating <= 5, slug).toBe(true);
    }
  });

  it('holds what is hard to show: short and long titles, no picture, no rating, sold out, reduced', () => {
    expect(Math.min(...products.map(({ title }) => title.length))).toBeLessThan(6);
    expect(Math.max(...products.map(({ title }) => title.length))).toBeGreaterThan(60);
    expect(products.some(({ pictures }) => pictures.length === 0)).toBe(true);
    expect(share(products, ({ pictures }) => pictures.length > 1)).toBeGreaterThan(0.5);
    expect(products.some(({ ratings }) => ratings.length === 0)).toBe(true);
    expect(products.some(({ variants }) => variants.every(({ stock }) => stock === 0))).toBe(true);
    const reduced = share(products, ({ variants }) => variants.some((one) => one.reduced !== null));
    expect(reduced).toBeGreaterThan(0.1);
    expect(reduced).toBeLessThan(0.5);
    for (const kind of ['single', 'variants', 'set', 'digital'])
      expect(products.map((one) => one.kind)).toContain(kind);
    expect(
      new Set(products.flatMap(({ pictures }) => pictures.map(({ scene }) => scene.width / scene.height)))
        .size,
    ).toBeGreaterThan(2);
  });

  it('has a tree four levels deep, with an empty category, one without a picture and one that catches all', () => {
    const parents = new Map(categories.map(({ slug, parent }) => [slug, parent]));
    const depth = (slug: string): number => {
      const parent = parents.get(slug);
      return parent ? depth(parent) + 1 : 1;
    };
    expect(Math.max(...categories.map(({ slug }) => depth(slug)))).toBe(4);
    expect(new Set(categories.map(({ slug }) => slug)).size).toBe(categories.length);
    const filled = new Set(products.flatMap((one) => one.categories));
    expect(categories.some(({ slug, below }) => !below?.length && !filled.has(slug))).toBe(true);
    expect(categories.some(({ picture }) => !picture)).toBe(true);
    expect(categories.filter(({ catchAll }) => catchAll)).toHaveLength(1);
    expect(products.some((one) => one.categories.length === 0)).toBe(true);
    expect(journalSeeds).toHaveLength(12);
  });

  it('sold for 120 days only what was on sale then', () => {
    const orders = orderSeeds(products);
    const days = new Set(orders.map(({ minutesAgo }) => Math.floor(minutesAgo / 1440)));
    expect(days.size).toBe(TRADE_DAYS);
    for (const { minutesAgo, lines } of orders)
      for (const { product, quantity } of lines) {
        expect(products[product]!.daysOld).toBeGreaterThan(Math.floor(minutesAgo / 1440));
        expect(quantity).toBeGreaterThan(0);
      }
    // Things are bought together, or nothing could be said of what goes with what.
    expect(share(orders, ({ lines }) => lines.length > 1)).toBeGreaterThan(0.25);
    const events = eventSeeds(products);
    for (const { kind, product, place } of events) {
      expect(product !== null).toBe(['pressed', 'viewed', 'basket'].includes(kind));
      expect(place !== null).toBe(kind === 'pressed');
    }
  });

  it('draws each picture as one that can be read, the same each time', () => {
    for (const { pictures } of products.slice(0, 40))
      for (const { scene, alt } of pictures) {
        const svg = sceneSvg(scene);
        expect(svg).toMatch(/^<svg [^>]*viewBox="[\d. ]+"/);
        expect(svg).toMatch(/<\/svg>$/);
        expect(svg).not.toMatch(/NaN|undefined|Infinity/);
        expect(sceneSvg(scene)).toBe(svg);
        expect(alt).not.toBe('');
      }
  });
});

describe('its arrangement', () => {
  const place = <T>(all: readonly T[], is: (one: T) => boolean): number => {
    const at = all.findIndex(is);
    expect(at).toBeGreaterThanOrEqual(0);
    return at + 1;
  };
  const plan = demoPlan('a'.repeat(64), {
    category: (slug) => place(categories, (one) => one.slug === slug),
    collection: (slug) => place(collectionSeeds, (one) => one.slug === slug),
    glaze: (name) => place(glazes, (one) => one.name === name),
  });

  it('names only what there is, and can be saved', () => {
    for (const key of documentKeys(plan)) expect(checkDocument(key, documentOf(plan, key)), key).toBeNull();
    for (const page of Object.values(plan.pages))
      for (const bay of page.bays)
        for (const shelf of shelvesOf(bay)) expect(Object.keys(plan.shelves)).toContain(shelf);
  });

  it('begins without anything wrong in the plan itself', () => {
    expect(findingsIn(completePlan(plan), specimenNames).map(({ text }) => text)).toEqual([]);
  });

  it('stores only what was set: no shelf of it is large', () => {
    for (const [id, shelf] of Object.entries(plan.shelves))
      expect(JSON.stringify(shelf).length, id).toBeLessThan(1_100);
  });
});
