import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { OFS } from '../../assortment/of.ts';
import type { ProductFacts } from '../../catalogue/facts.ts';
import type { StoredShelf } from '../../plan/shelf.ts';
import { specimenPlan, specimenProduct, specimenShelf, specimenView } from '../../specimen/specimen.ts';
import { shelvesOn } from '../../view/shelvesIn.ts';
import { partKind, partKinds, partsOf, type PartView } from './index.ts';

type Parts = NonNullable<NonNullable<StoredShelf['card']>['parts']>;

/** What one part says of a product with these facts. */
function said<P extends keyof Parts & string>(
  part: P,
  facts: Partial<ProductFacts>,
  own: NonNullable<Parts[P]> = {},
): PartView | undefined {
  const card = { parts: { [part]: { shown: { phone: true }, ...own } } } as NonNullable<StoredShelf['card']>;
  const plan = specimenPlan([specimenShelf('s', { card })]);
  const view = specimenView(plan, 1, {}, [{ of: 'products', product: specimenProduct(1, facts) }]);
  return shelvesOn(view)[0]!.shelf.cards[0]!.parts.find((one) => one.part === part.valueOf());
}
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

describe('every part', () => {
  const anyText = fc.string({ unit: 'grapheme', maxLength: 120 });
  const facts: fc.Arbitrary<Partial<ProductFacts>> = fc.record({
    title: anyText.map((text) => text || 'x'),
    shortText: anyText,
    brand: fc.option(anyText),
    category: fc.option(anyText),
    code: anyText,
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
            const [narrow, wide] = [px, px + more].map((at) => kind.heightPx(view, own, at, shape));
            expect(Number.isFinite(narrow)).toBe(true);
            expect(narrow!).toBeGreaterThanOrEqual(wide!);
            expect(kind.widthPx!(view)).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is of a kind of item, and each kind of item has a title', () => {
    for (const of of OFS) expect(partsOf(of).some(({ carriesLink }) => carriesLink)).toBe(true);
    expect(new Set(partKinds.map(({ id }) => id)).size).toBe(partKinds.length);
  });
});
