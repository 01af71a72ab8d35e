import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { reckoned, type Good } from './basket.ts';
import {
  countOf,
  MOST_LINES,
  MOST_OF_ONE,
  readBasketLines,
  withMore,
  withQuantity,
  writtenBasketLines,
  type BasketLine,
} from './basketLines.ts';

const line = fc.record({
  variantId: fc.integer({ min: 1, max: 2 ** 31 - 1 }),
  quantity: fc.integer({ min: 1, max: MOST_OF_ONE }),
  paid: fc.integer({ min: 0, max: 2 ** 31 - 1 }),
});
const basket = fc.uniqueArray(line, { maxLength: MOST_LINES, selector: ({ variantId }) => variantId });

const goodOf = (variantId: number, price: number, stock: number | null): Good => ({
  variantId,
  productId: variantId,
  slug: `thing-${variantId}`,
  title: `Thing ${variantId}`,
  choice: '',
  price,
  stock,
  picture: null,
});

describe('a basket as a browser keeps it', () => {
  it('is read as it was written', () => {
    fc.assert(
      fc.property(basket, (lines) => {
        expect(readBasketLines(writtenBasketLines(lines))).toEqual(lines);
      }),
    );
  });

  it('fits in a cookie however full it is', () => {
    const fullest = Array.from({ length: MOST_LINES }, (_, i) => ({
      variantId: 2 ** 31 - 1 - i,
      quantity: MOST_OF_ONE,
      paid: 2 ** 31 - 1,
    }));
    expect(writtenBasketLines(fullest).length).toBeLessThan(2_000);
  });

  it('is a basket whatever was written, and reading it again changes nothing', () => {
    const words = fc.oneof(
      fc.string(),
      fc
        .array(fc.constantFrom('1.1.5', '1.2.3', '0.1.1', '7.100.1', '-', '.', 'x', '9.9.9'), {
          maxLength: 90,
        })
        .map((parts) => parts.join('-')),
    );
    fc.assert(
      fc.property(words, (text) => {
        const lines = readBasketLines(text);
        expect(lines.length).toBeLessThanOrEqual(MOST_LINES);
        expect(new Set(lines.map(({ variantId }) => variantId)).size).toBe(lines.length);
        for (const { quantity } of lines) expect(quantity).toBeGreaterThan(0);
        expect(readBasketLines(writtenBasketLines(lines))).toEqual(lines);
      }),
    );
  });

  it.each([
    '0.1.1',
    '1.0.1',
    '1.100.1',
    '1.1.-1',
    '1.1.1.1',
    '99999999999.1.1',
    '4294967296.1.1',
    '1.1',
    '１.1.1',
  ])('passes over "%s"', (text) => expect(readBasketLines(text)).toEqual([]));

  it('takes more of what is there, up to the most, and no line beyond the last', () => {
    fc.assert(
      fc.property(basket, line, (lines, more) => {
        const after = withMore(lines, more);
        const there = lines.find(({ variantId }) => variantId === more.variantId);
        if (!after) {
          expect(there).toBeUndefined();
          expect(lines).toHaveLength(MOST_LINES);
          return;
        }
        const now = after.find(({ variantId }) => variantId === more.variantId)!;
        expect(now.quantity).toBe(Math.min(MOST_OF_ONE, (there?.quantity ?? 0) + more.quantity));
        expect(now.paid).toBe(more.paid);
        expect(after.filter((one) => one !== now)).toEqual(lines.filter((one) => one !== there));
      }),
    );
  });

  it('has as many as were said of one, and of none no line; of others what it had', () => {
    fc.assert(
      fc.property(basket, fc.nat(120), (lines, quantity) => {
        const [first] = lines;
        if (!first) return;
        const after = withQuantity(lines, first.variantId, quantity);
        expect(after.find(({ variantId }) => variantId === first.variantId)?.quantity).toBe(
          quantity > 0 ? Math.min(MOST_OF_ONE, quantity) : undefined,
        );
        expect(after.filter(({ variantId }) => variantId !== first.variantId)).toEqual(lines.slice(1));
      }),
    );
  });
});

describe('a basket that is reckoned', () => {
  const stocked = fc.record({ price: fc.nat(100_000), stock: fc.option(fc.nat(120)), sold: fc.boolean() });

  it('costs what can be had of it, never more than is wanted or there, and loses no line', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(line, stocked), { maxLength: 12 }), (pairs) => {
        const lines: BasketLine[] = pairs.map(([one], i) => ({ ...one, variantId: i + 1 }));
        const goods = new Map(
          pairs.flatMap(([, { price, stock, sold }], i) =>
            sold ? [[i + 1, goodOf(i + 1, price, stock)] as const] : [],
          ),
        );
        const found = reckoned(lines, goods);
        expect(found.lines.length + found.gone).toBe(lines.length);
        for (const { good, wanted, had, cost, changes } of found.lines) {
          expect(had).toBeLessThanOrEqual(wanted);
          expect(had).toBeLessThanOrEqual(good.stock ?? Infinity);
          expect(cost).toBe(had * good.price);
          // Whatever is not as it was is said.
          const { paid } = lines.find(({ variantId }) => variantId === good.variantId)!;
          expect(changes.some(({ is }) => is === 'repriced')).toBe(good.price !== paid);
          expect(changes.some(({ is }) => is === 'soldOut' || is === 'fewer')).toBe(had < wanted);
        }
        expect(found.total).toBe(found.lines.reduce((sum, { cost }) => sum + cost, 0));
        expect(found.count).toBeLessThanOrEqual(countOf(lines));
      }),
    );
  });

  it('says what became of each line', () => {
    const lines = readBasketLines('1.2.900-2.3.500-3.1.400-4.1.100');
    const goods = new Map([
      [1, goodOf(1, 900, null)],
      [2, goodOf(2, 450, 2)],
      [3, goodOf(3, 400, 0)],
    ]);
    const { gone, total, count, lines: all } = reckoned(lines, goods);
    expect(all.map(({ changes }) => changes)).toEqual([
      [],
      [
        { is: 'fewer', left: 2 },
        { is: 'repriced', was: 500 },
      ],
      [{ is: 'soldOut' }],
    ]);
    expect({ gone, total, count }).toEqual({ gone: 1, total: 2 * 900 + 2 * 450, count: 4 });
  });
});
