import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PRODUCT_KINDS } from '../../catalogue/productKinds.ts';
import { OFS } from '../../assortment/of.ts';
import type { Item } from '../item.ts';
import type { OptionFacts, ProductFacts } from '../../catalogue/facts.ts';
import type { StoredShelf } from '../../plan/shelf.ts';
import {
  specimenNames,
  specimenPlan,
  specimenShelf,
  specimenTree,
  specimenValue,
  specimenView,
} from '../../specimen/specimen.ts';
import { shelvesOn } from '../../view/shelvesIn.ts';
import { specimenSaid as said } from '../../specimen/said.ts';
import { LEAST_TARGET_PX } from '../leastTarget.ts';
import { partKind, partKinds, partsOf, type PartView } from './index.ts';

const words = (view: PartView | undefined) => view && partKind(view.part)!.words!(view);

const reduced = { price: { regular: 4400, reduced: 2850, from: true } };

describe('what a part says of a product', () => {
  it('has the own words around it, and nothing where there is nothing to put them around', () => {
    expect(words(said('brand', { brand: 'The Lower Kiln' }, { before: 'by', after: '★' }))).toBe(
      'by The Lower Kiln ★',
    );
    expect(said('brand', { brand: null }, { before: 'by' })).toBeUndefined();
    expect(said('code', { code: '' }, { before: 'No.' })).toBeUndefined();
    expect(words(said('code', { code: 'KC-1' }, { before: ' No. ' }))).toBe('No. KC-1');
    expect(words(said('category', { category: 'Bowls' }, { after: 'range' }))).toBe('Bowls range');
  });

  it('is the kind of product in the words of the store, and nothing where that was not read', () => {
    const kinds = PRODUCT_KINDS.map((kind) => words(said('kind', { kind })));
    expect(kinds).toEqual(['Single product', 'Several variants', 'Set', 'Digital']);
    expect(words(said('kind', { kind: 'set' }, { before: 'A' }))).toBe('A Set');
    expect(said('kind', { kind: null }, { before: 'A' })).toBeUndefined();
  });

  it('is a price with what it was, and own words on all products or on reduced ones only', () => {
    expect(words(said('price', reduced, { before: 'Now' }))).toBe('Now from £28.50 £44');
    expect(words(said('price', {}, { before: 'Now', words: 'reduced' }))).toBe('£10.01');
    expect(words(said('price', reduced, { before: 'Now', words: 'reduced', after: 'each' }))).toBe(
      'Now from £28.50 £44 each',
    );
  });

  it('is a rating by stars, figure and count as each is on, and nothing where all are off or nobody rated', () => {
    const rating = { mean: 4.13, count: 1039 };
    expect(words(said('rating', { rating }))).toBe('4.1 (1,039)');
    expect(words(said('rating', { rating }, { figure: false }))).toBe('(1,039)');
    expect(words(said('rating', { rating }, { count: false }))).toBe('4.1');
    expect(words(said('rating', { rating }, { figure: false, count: false }))).toBe('4 of 5 stars');
    expect(said('rating', { rating }, { stars: false, figure: false, count: false })).toBeUndefined();
    expect(said('rating', { rating: null })).toBeUndefined();
  });

  it('is what is in stock', () => {
    expect(words(said('stock', { stock: { state: 'in', count: 12 } }))).toBe('In stock');
    expect(words(said('stock', { stock: { state: 'last', count: 2 } }))).toMatch(/2/);
    expect(words(said('stock', { stock: { state: 'out', count: 0 } }))).toBe('Sold out');
  });
});

describe('the basket button', () => {
  const one = { buy: { variantId: 7, choose: false } };
  const several = { buy: { variantId: 7, choose: true } };
  const soldOut = { ...one, stock: { state: 'out' as const, count: 0 } };

  it('puts the only variant into the basket, and leads to the choice where there are several', () => {
    expect(said('basket', one)).toMatchObject({ variantId: 7, words: 'Add to basket' });
    expect(said('basket', one, { words: ' Take it ' })).toMatchObject({ variantId: 7, words: 'Take it' });
    expect(said('basket', several, { words: 'Take it' })).toMatchObject({
      variantId: null,
      words: 'Choose options',
      href: '/product/piece-1',
    });
    expect(said('basket', { buy: null })).toMatchObject({ variantId: null });
  });

  it('is there only for what can be had', () => {
    expect(said('basket', soldOut)).toBeUndefined();
    expect(said('quantity', soldOut)).toBeUndefined();
    expect(said('quantity', several)).toBeUndefined();
    expect(said('quantity', { ...one, stock: { state: 'in', count: 4 } })).toMatchObject({ most: 4 });
  });

  it('asks for a quote where the store or the shelf sells so, sold out or not, and is nowhere where nothing is sold', () => {
    for (const [own, selling] of [
      [{}, { by: 'quote' }],
      [{ by: 'basket' }, { by: 'quote' }],
      [{ by: 'quote' }, {}],
    ] as const)
      expect(said('basket', soldOut, own, selling)).toMatchObject({
        variantId: null,
        words: 'Ask for a quote',
        href: '/ask/piece-1',
      });
    for (const by of ['store', 'basket', 'quote'] as const)
      expect(said('basket', one, { by }, { by: 'none' })).toBeUndefined();
    expect(said('quantity', one, {}, { by: 'quote' })).toBeUndefined();
  });

  it('leads to a question or a quote by a button of its own, whatever the store does else', () => {
    for (const by of ['basket', 'quote', 'none'] as const) {
      expect(said('ask', soldOut, {}, { by })).toMatchObject({
        words: 'Ask for a quote',
        href: '/ask/piece-1?for=quote',
      });
      expect(said('ask', one, { asks: 'question', shows: 'icon' }, { by })).toMatchObject({
        name: 'Ask about this product: Piece 1',
        href: '/ask/piece-1',
        icon: 'ask',
        showsWords: false,
      });
    }
    expect(said('ask', one, { words: 'Price on request' })).toMatchObject({
      name: 'Price on request: Piece 1',
    });
  });

  it('says what it does with which product, however it is drawn', () => {
    for (const shows of ['words', 'icon', 'both'] as const)
      expect(said('basket', one, { shows })).toMatchObject({
        name: 'Add to basket: Piece 1',
        showsWords: shows !== 'icon',
        icon: shows === 'words' ? null : 'basket',
      });
  });
});

describe('quick view', () => {
  it('opens the product in short, and leads to its page where nothing can be opened', () => {
    expect(said('quick', {}, { shows: 'icon', words: ' Look ' })).toMatchObject({
      href: '/product/piece-1',
      quick: '/quick/piece-1',
      words: 'Look',
      icon: 'quick',
      showsWords: false,
      name: 'Look: Piece 1',
    });
    expect(said('quick', {})).toMatchObject({ words: 'Quick view', icon: null, showsWords: true });
    // There is something to look at where nothing is sold, too.
    expect(said('quick', {}, {}, { by: 'none' })).toBeDefined();
  });
});

describe('swatches', () => {
  const option = (id: number, name: string, values: number): OptionFacts => ({
    id,
    name,
    values: Array.from({ length: values }, (_, i) =>
      specimenValue(id * 10 + i, {
        name: `${name} ${i + 1}`,
        colour: '#aabbcc',
        price: { regular: 1000 * (i + 1), reduced: i === 1 ? 1500 : null, from: false },
      }),
    ),
  });
  const options = [option(1, 'Glaze', 7), option(2, 'Size', 2)];
  const dear = { options, price: { regular: 1000, reduced: null, from: true } };

  it('are of the first option there is, or of the one that is set, and nowhere without it', () => {
    expect(words(said('swatches', dear, { most: 2 }))).toBe('Glaze 1, Glaze 2');
    expect(words(said('swatches', dear, { option: 2 }))).toBe('Size 1, Size 2');
    expect(said('swatches', dear, { option: 3 })).toBeUndefined();
    expect(said('swatches', { options: [] })).toBeUndefined();
  });

  it('are as many as are set, and then it is said how many more there are', () => {
    expect(said('swatches', dear, { most: 4 })).toMatchObject({
      list: 'Glaze: Piece 1',
      more: { words: '+3', said: '3 more, Glaze: Piece 1', href: '/product/piece-1' },
    });
    expect(said('swatches', dear, { most: 7 })).toMatchObject({ more: null });
  });

  it('change the price with them where prices differ and are said, and nothing where that is not wanted', () => {
    const costs = (...how: Parameters<typeof said>) => {
      const view = said(...how) as Extract<PartView, { part: 'swatches' }>;
      return view.swatches.map((swatch) => swatch.costs && [swatch.costs.now, swatch.costs.before]);
    };
    expect(costs('swatches', dear, { most: 2 })).toEqual([
      ['£10', null],
      ['£15', '£20'],
    ]);
    expect(costs('swatches', { options }, { most: 2 })).toEqual([null, null]);
    expect(costs('swatches', dear, { most: 2, changes: 'nothing' })).toEqual([null, null]);
    expect(costs('swatches', dear, { most: 2 }, { by: 'none', prices: false })).toEqual([null, null]);
  });

  it('stand on as many lines as they need', () => {
    const kind = partKind('swatches')!;
    const height = (px: number, own = {}) =>
      kind.heightPx(said('swatches', dear, own)!, own, px, { by: 'own' }, kind.text!);
    expect(height(300)).toBe(24);
    // Five and what says that there are more, 30 px each.
    expect(height(120)).toBe(54);
    expect(height(300, { size: 48 })).toBe(48);
    // What says how many more there are is lower than they are.
    expect(height(280, { size: 48 })).toBe(78);
    expect(height(280, { size: 48, shows: 'words' })).toBeLessThan(78);
  });
});

describe('prices', () => {
  it('are left out where the store says none, and never where things go into a basket', () => {
    expect(said('price', reduced, {}, { by: 'quote', prices: false })).toBeUndefined();
    expect(said('price', reduced, {}, { by: 'none', prices: false })).toBeUndefined();
    expect(said('price', reduced, {}, { by: 'none', prices: true })).toBeDefined();
    expect(said('price', reduced, {}, { by: 'basket', prices: false })).toBeDefined();
  });
});

describe("a field of the store's own", () => {
  const fields = [
    { id: 'width', name: 'Width', value: 1240.5, unit: 'mm' },
    { id: 'oven', name: 'Oven-proof', value: true, unit: '' },
    { id: 'made', name: 'Made in', value: ' Kelverstone ', unit: '' },
    { id: 'blank', name: 'Blank', value: '  ', unit: 'cm' },
  ];

  it('says its value as the store writes it, with own words, and nothing where a product has none', () => {
    expect(words(said('field', { fields }, { field: 'width', before: 'Width' }))).toBe('Width 1,240.5 mm');
    expect(words(said('field2', { fields }, { field: 'oven', before: 'Oven-proof:' }))).toBe(
      'Oven-proof: Yes',
    );
    expect(words(said('field3', { fields }, { field: 'made', after: '★' }))).toBe('Kelverstone ★');
    for (const field of ['blank', 'gone', '']) expect(said('field', { fields }, { field })).toBeUndefined();
  });

  it('is called by its name, where the store still has it', () => {
    const kind = partKind('field')!;
    const names = {
      ...specimenNames,
      field: (id: string) => (id === 'width' ? { name: 'Width', unit: 'mm' } : undefined),
    };
    expect(kind.named!({ field: 'width' }, names)).toBe('Width');
    expect(kind.named!({ field: 'gone' }, names)).toBeUndefined();
  });
});

describe('what parts say of other things', () => {
  const first = (item: Item, part: string) => {
    const card = { parts: { [part]: { shown: { phone: true } } } } as NonNullable<StoredShelf['card']>;
    const view = specimenView(
      specimenPlan([specimenShelf('s', { card, assortment: { of: item.of } as never })]),
      1,
      {},
      [item],
    );
    return words(shelvesOn(view)[0]!.shelf.cards[0]!.parts.find((one) => one.part === part.valueOf()));
  };
  const entry = (more: object): Item => ({
    of: 'entries',
    entry: {
      id: 1,
      slug: 'a',
      title: 'A',
      summary: '',
      picture: null,
      publishedAt: Date.UTC(2026, 6, 31, 23, 30),
      author: '',
      tags: [],
      ...more,
    },
  });

  it("is a date of the store's own day, and who wrote it where that is known", () => {
    expect(first(entry({}), 'date')).toBe('1 Aug 2026');
    expect(first(entry({ author: 'Maren Hollis' }), 'author')).toBe('Maren Hollis');
    expect(first(entry({}), 'author')).toBeUndefined();
  });

  it('is a line of its own of a category', () => {
    const category = { ...specimenTree.all[0]!, extraLine: 'Since 1987' };
    expect(first({ of: 'categories', category }, 'extraLine')).toBe('Since 1987');
  });
});

it('how many were sold is said once any were', () => {
  expect(words(said('sold', { sold: 1234 }))).toBe('1,234 sold');
  expect(said('sold', { sold: 0 })).toBeUndefined();
});

describe('every part', () => {
  const anyText = fc.string({ unit: 'grapheme', maxLength: 120 });
  const facts: fc.Arbitrary<Partial<ProductFacts>> = fc.record({
    title: anyText.map((text) => text || 'x'),
    shortText: anyText,
    brand: fc.option(anyText),
    category: fc.option(anyText),
    code: anyText,
    kind: fc.constantFrom(null, ...PRODUCT_KINDS),
    rating: fc.option(fc.record({ mean: fc.double({ min: 0, max: 5, noNaN: true }), count: fc.nat() })),
    stock: fc.record({
      state: fc.constantFrom('in' as const, 'last' as const, 'out' as const),
      count: fc.option(fc.nat()),
    }),
    price: fc.record({ regular: fc.nat(), reduced: fc.constant(null), from: fc.boolean() }),
  });

  it('has for any product a height and a width that are numbers, and is higher on a narrower card or as high', () => {
    const shape = { by: 'ratio' as const, ratio: 1 };
    fc.assert(
      fc.property(
        facts,
        fc.integer({ min: 60, max: 600 }),
        fc.integer({ min: 1, max: 200 }),
        (some, px, more) => {
          for (const kind of partsOf('products').filter(({ text }) => text)) {
            const view = said(kind.id as 'title', some);
            if (!view) continue;
            const own = specimenPlan([specimenShelf('s', {})]).shelves.s!.card.parts[kind.id as 'title'];
            const [narrow, wide] = [px, px + more].map((at) =>
              kind.heightPx(view, own, at, shape, kind.text!),
            );
            expect(Number.isFinite(narrow)).toBe(true);
            expect(narrow!).toBeGreaterThanOrEqual(wide!);
            expect(kind.widthPx!(view, kind.text!)).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is as wide and high as what is pressed should be, where it is pressed', () => {
    const shape = { by: 'ratio' as const, ratio: 1 };
    const pressed = partsOf('products').filter(({ takesPresses }) => takesPresses);
    expect(pressed.length).toBeGreaterThan(4);
    const options = [
      {
        id: 1,
        name: 'Size',
        values: [specimenValue(1, { name: 'S' }), specimenValue(2, { colour: '#112233' })],
      },
    ];
    const card = specimenPlan([specimenShelf('s', {})]).shelves.s!.card;
    for (const { id, settings, text, widthPx, heightPx } of pressed)
      for (const least of 'size' in settings ? [{}, { size: 16 }] : [{}, { shows: 'icon' }, { words: 'i' }]) {
        const view = said(id as 'basket', { options, buy: { variantId: 1, choose: false } }, least as never)!;
        const own = { ...card.parts[id as 'basket'], ...least };
        expect(widthPx!(view, text!), id).toBeGreaterThanOrEqual(LEAST_TARGET_PX);
        expect(heightPx(view, own, 400, shape, text!), id).toBeGreaterThanOrEqual(LEAST_TARGET_PX);
      }
  });

  it('is of a kind of item, and each kind of item has a title', () => {
    for (const of of OFS) expect(partsOf(of).some(({ carriesLink }) => carriesLink)).toBe(true);
    expect(new Set(partKinds.map(({ id }) => id)).size).toBe(partKinds.length);
  });
});
