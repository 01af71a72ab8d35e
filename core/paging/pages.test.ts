import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pageAt, pager, readFrom, union } from './pages.ts';

describe('pages addressed by the item they begin at', () => {
  it('walking forward from any address shows each item from that page to the end once, in order', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 1, max: 400 }),
        fc.nat(399),
        (size, total, start) => {
          let from: number | null = Math.min(start, total - 1);
          const first = pageAt(size, from).start;
          const seen: number[] = [];
          while (from !== null) {
            const page = pageAt(size, from);
            for (let i = page.start; i < Math.min(page.end, total); i += 1) seen.push(i);
            from = pager(size, total, from).next;
          }
          expect(seen).toEqual(Array.from({ length: total - first }, (_, i) => first + i));
        },
      ),
    );
  });

  it('the union over the bands holds every page and is under twice the largest', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 }),
        fc.nat(5000),
        (sizes, from) => {
          const spans = sizes.map((size) => pageAt(size, from));
          const all = union(spans);
          for (const span of spans) {
            expect(span.start).toBeGreaterThanOrEqual(all.start);
            expect(span.end).toBeLessThanOrEqual(all.end);
          }
          expect(all.end - all.start).toBeLessThan(2 * Math.max(...sizes));
        },
      ),
    );
  });

  it('links the first, the last and the neighbours, and leaves no hole of one page', () => {
    expect(pager(10, 95, 43).links.map((link) => link && link.page + 1)).toEqual([
      1,
      null,
      4,
      5,
      6,
      null,
      10,
    ]);
    expect(pager(10, 35, 0).links.map((link) => link && link.page + 1)).toEqual([1, 2, 3, 4]);
    expect(pager(10, 0, 0)).toMatchObject({ pages: 1, previous: null, next: null });
    expect(pager(10, 95, 1e6)).toMatchObject({ current: 9, next: null, previous: 80 });
  });
});

describe('an offset in an address', () => {
  it('is a plain whole number or the beginning', () => {
    const read = ['24', '-1', '1e9', 'abc', '', '999999999', '٣', '0x10', '12345678901'].map((text) =>
      readFrom(text),
    );
    expect(read).toEqual([24, 0, 0, 0, 0, 10_000_000, 0, 0, 0]);
    expect(readFrom(['12', '36'])).toBe(12);
    expect(readFrom(undefined)).toBe(0);
  });
});
