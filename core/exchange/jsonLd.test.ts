import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { productData } from '../catalogue/productData.ts';
import { jsonLdFeed } from '../feeds/jsonLd.ts';
import { specimenProduct } from '../specimen/specimen.ts';
import { jsonCells, jsonNames } from './jsonCells.ts';
import { asLine, isJsonLd, productsIn } from './jsonLd.ts';

const cup = {
  '@type': 'Product',
  name: 'Cup',
  sku: 'C-1',
  description: 'Holds tea.',
  url: 'https://lamps.example/product/tea-cup?from=feed',
  brand: { '@type': 'Brand', name: 'Moor' },
  category: ['Table > Cups', { '@type': 'Thing', name: 'Gifts' }],
  keywords: 'tea, small ,',
  offers: [
    {
      '@type': 'Offer',
      price: 12.5,
      priceCurrency: 'GBP',
      availability: 'https://schema.org/OutOfStock',
    },
  ],
  additionalProperty: [
    { '@type': 'PropertyValue', name: 'Height', value: 9 },
    { '@type': 'PropertyValue', name: 'Safe', value: true },
    'nothing',
  ],
};

describe('a file of JSON-LD', () => {
  it('is told from JSON Lines and from tables by its beginning', () => {
    for (const is of [
      '{"@context":"https://schema.org","@type":"Product"}',
      '\uFEFF\n [ { "@type" : "Product" } ]',
      '{\n  "@graph": []',
    ])
      expect(isJsonLd(is), is).toBe(true);
    for (const no of ['{"title":"Cup"}\n{"title":"Jug"}', 'title,"@type":\nCup,1', '', '[1]'])
      expect(isJsonLd(no), no).toBe(false);
  });

  it('has its products found in lists, graphs, feeds and pages, and nothing else', () => {
    const found = (value: unknown) => productsIn(value).map(({ sku }) => sku);
    expect(found(cup)).toEqual(['C-1']);
    expect(found([cup, { '@type': 'Organization', name: 'Moor' }, 7, null])).toEqual(['C-1']);
    expect(found({ '@graph': [{ '@type': 'WebPage', mainEntity: cup }] })).toEqual(['C-1']);
    expect(found({ '@type': 'ItemList', itemListElement: [{ '@type': 'ListItem', item: cup }] })).toEqual([
      'C-1',
    ]);
    expect(
      found({ '@type': 'Offer', itemOffered: { ...cup, '@type': ['https://schema.org/Product'] } }),
    ).toEqual(['C-1']);
    expect(found({ '@type': 'Review', itemReviewed: cup })).toEqual([]);
    let deep: unknown = cup;
    for (let i = 0; i < 10_000; i += 1) deep = [deep];
    expect(found(deep)).toEqual([]);
  });
});

describe('a product of schema.org', () => {
  it('is a line with the columns of this store', () => {
    expect(asLine(cup)).toEqual({
      Height: '9',
      Safe: true,
      Address: 'https://lamps.example/product/tea-cup?from=feed',
      'Item code': 'C-1',
      Title: 'Cup',
      'Short description': 'Holds tea.',
      Brand: 'Moor',
      Categories: [['Table', 'Cups'], ['Gifts']],
      Tags: ['tea', 'small'],
      Price: '12.5',
      Stock: '0',
    });
  });

  it('says its price and its stock in one of several ways', () => {
    const of = (offers: unknown) => {
      const { Price, Stock } = asLine({ name: 'Cup', offers });
      return [Price, Stock];
    };
    expect(of({ price: '9.00', availability: 'InStock' })).toEqual(['9.00', undefined]);
    expect(of({ '@type': 'AggregateOffer', lowPrice: 7, highPrice: 9 })).toEqual(['7', undefined]);
    expect(of({ priceSpecification: [{ price: 8 }] })).toEqual(['8', undefined]);
    expect(of({ price: 3, inventoryLevel: { '@type': 'QuantitativeValue', value: 4 } })).toEqual(['3', '4']);
    expect(of(undefined)).toEqual([undefined, undefined]);
  });

  it('has its variants with it, each what it is in what they differ in', () => {
    expect(
      asLine({
        '@type': 'ProductGroup',
        productGroupID: 'C',
        name: 'Cup',
        hasVariant: [
          { '@type': 'Product', sku: 'C-R', color: 'Red', offers: { price: 4 } },
          { '@type': 'Product', sku: 'C-B', color: { name: 'Blue' }, size: 'Large', offers: { price: 5 } },
          'none',
        ],
      }),
    ).toEqual({
      'Item code': 'C',
      Title: 'Cup',
      variants: [
        { 'Item code of the variant': 'C-R', Price: '4', Color: 'Red' },
        { 'Item code of the variant': 'C-B', Price: '5', Color: 'Blue', Size: 'Large' },
      ],
    });
  });

  it('is read back from what this store tells of it', () => {
    const product = specimenProduct(3, { code: 'P-3' });
    const store = {
      origin: 'https://lamps.example',
      currency: 'GBP',
      name: 'Lamps',
      locale: 'en-GB',
      now: 0,
    };
    const text =
      jsonLdFeed.begin(store) + jsonLdFeed.item({ product, withPrice: true }, store, true) + jsonLdFeed.end;
    expect(isJsonLd(text)).toBe(true);
    const [node] = productsIn(JSON.parse(text));
    expect(node).toEqual(JSON.parse(JSON.stringify(productData(product, store, true))));
    expect(asLine(node!)).toMatchObject({
      'Item code': product.code,
      Title: product.title,
      Address: expect.stringMatching(new RegExp(`/product/${product.slug}$`)) as string,
    });
  });

  it('may be anything at all, and is cells all the same', () => {
    fc.assert(
      fc.property(fc.object({ withNullPrototype: false }), fc.jsonValue(), (any, offers) => {
        const line = asLine({ ...any, offers });
        const names = jsonNames([line]);
        for (const row of jsonCells(line, names)) expect(row).toHaveLength(names.length);
      }),
    );
  });
});
