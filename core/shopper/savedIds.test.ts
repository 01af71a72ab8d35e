import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_SAVED, readSavedIds, withoutSaved, withSaved, writtenSavedIds } from './savedIds.ts';

const id = fc.integer({ min: 1, max: 2 ** 31 - 1 });
const ids = fc.uniqueArray(id, { maxLength: MOST_SAVED });

describe('what a shopper keeps for later', () => {
  it('is read as it was written, whatever stands beside it', () => {
    fc.assert(
      fc.property(ids, (all) => {
        expect(readSavedIds(writtenSavedIds(all))).toEqual(all);
      }),
    );
    expect(readSavedIds('3.x.3.-1.0.9999999999..<b>.7')).toEqual([3, 7]);
    expect(readSavedIds(undefined)).toEqual([]);
  });

  it('has the newest first, each once, and never more than fit', () => {
    fc.assert(
      fc.property(ids, id, (all, one) => {
        const more = withSaved(all, one);
        expect(more[0]).toBe(one);
        expect(new Set(more).size).toBe(more.length);
        expect(more.length).toBeLessThanOrEqual(MOST_SAVED);
        expect(withoutSaved(more, one)).not.toContain(one);
        expect(withSaved(withoutSaved(all, one), one)).toEqual(more);
      }),
    );
  });

  it('fits in a cookie with room to spare', () => {
    const long = Array.from({ length: MOST_SAVED }, (_, i) => 2 ** 31 - 1 - i);
    expect(writtenSavedIds(long).length).toBeLessThan(2_000);
  });
});
