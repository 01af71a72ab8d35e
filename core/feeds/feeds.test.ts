// @vitest-environment jsdom
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ProductFacts } from '../catalogue/facts.ts';
import { productData } from '../catalogue/productData.ts';
import { specimenPicture, specimenProduct } from '../specimen/specimen.ts';
import { feedPath, type FeedStore } from './feed.ts';
import { feeds } from './index.ts';

const store: FeedStore = {
  name: 'Harbour & Sons',
  locale: 'en-GB',
  currency: 'GBP',
  origin: 'https://harbour.example',
  now: Date.UTC(2026, 10, 30),
};
/** Letters of all sorts, with those that XML and JSON write otherwise, and some that neither has. */
const text = fc.oneof(
  fc.string({ maxLength: 30 }),
  fc.string({ unit: 'binary', maxLength: 30 }),
  fc.constantFrom(']]>', '</title><script>', '\u0000\u000b', '\ud800', '"\\u2028', '&amp;'),
);
const product = fc
  .record({
    id: fc.integer({ min: 1, max: 1000 }),
    title: text,
    shortText: text,
    // Addresses are made of these alone.
    slug: fc.stringMatching(/^[a-z0-9-]{1,12}$/),
    brand: fc.option(text),
    category: fc.option(text),
    regular: fc.integer({ min: 0, max: 100_000 }),
    out: fc.boolean(),
  })
  .map(({ regular, out, ...more }): ProductFacts =>
    specimenProduct(more.id, {
      ...more,
      price: { regular, reduced: null, from: false },
      stock: { state: out ? 'out' : 'in', count: null },
      pictures: [specimenPicture()],
    }),
  );
const written = (id: string, items: readonly { product: ProductFacts; withPrice: boolean }[]): string => {
  const feed = feeds.find((one) => one.id === id)!;
  return feed.begin(store) + items.map((item, i) => feed.item(item, store, i === 0)).join('') + feed.end;
};
const items = fc.array(fc.record({ product, withPrice: fc.boolean() }), { maxLength: 6 });

/** As XML leaves out what it cannot have. */
const asXml = (words: string): string =>
  words.replace(/[\u0000-\u0008\u000B\u000C\u000E-\u001F\uFFFE\uFFFF]/g, '').replace(/\p{Cs}/gu, '');

describe('a feed of products', () => {
  it('as Atom is well formed whatever products are called, and has all of them in order', () => {
    fc.assert(
      fc.property(items, (all) => {
        const xml = new DOMParser().parseFromString(written('atom', all), 'application/xml');
        expect(xml.querySelector('parsererror')?.textContent ?? null).toBeNull();
        const entries = [...xml.querySelectorAll('entry')];
        expect(entries.map((one) => one.querySelector('title')!.textContent)).toEqual(
          all.map((one) => asXml(one.product.title)),
        );
        // What Atom asks of a feed and of each of its entries (RFC 4287, 4.1).
        for (const one of [xml.documentElement, ...entries])
          for (const name of ['id', 'title', 'updated'])
            expect([...one.children].filter(({ localName }) => localName === name)).toHaveLength(1);
        for (const one of entries) {
          const summary = one.querySelector('summary')!.textContent;
          const item = all[entries.indexOf(one)]!;
          expect(summary.endsWith(asXml(item.product.shortText))).toBe(true);
          expect(summary.includes('£')).toBe(item.withPrice || item.product.shortText.includes('£'));
        }
      }),
    );
  });

  it('as JSON-LD is what the page of each product says, whatever it is called', () => {
    fc.assert(
      fc.property(items, (all) => {
        const read = JSON.parse(written('jsonLd', all)) as {
          '@context': string;
          dataFeedElement: { '@type': string; item: object }[];
        };
        expect(read['@context']).toBe('https://schema.org');
        expect(read.dataFeedElement.map(({ item }) => item)).toEqual(
          all.map(
            (one) => JSON.parse(JSON.stringify(productData(one.product, store, one.withPrice))) as object,
          ),
        );
        for (const [i, { item }] of read.dataFeedElement.entries())
          expect('offers' in item).toBe(all[i]!.withPrice);
      }),
    );
  });

  it('names each product for good: not by its title or address', () => {
    const id = (more: Partial<ProductFacts>) =>
      /<id>(tag:[^<]+)<\/id>/.exec(
        written('atom', [{ product: specimenProduct(7, more), withPrice: true }]),
      )![1];
    expect(id({ slug: 'a', title: 'A' })).toBe(id({ slug: 'b', title: 'B' }));
    expect(id({})).toBe('tag:harbour.example,2026:product/7');
  });

  it('is at an address of its own', () => {
    const paths = feeds.map(feedPath);
    expect(new Set(paths).size).toBe(feeds.length);
    for (const path of paths) expect(path).toMatch(/^\/feed\/[a-z]+\.[a-z]+$/);
  });
});
