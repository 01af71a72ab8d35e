import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { MOST_ORDERS, readOrderTokens, withOrder, writtenOrderTokens } from './orderTokens.ts';

const token = fc.uuid();

describe('the orders that a browser remembers', () => {
  it('are read as they were written, the most recent first, none twice and no more than there may be', () => {
    fc.assert(
      fc.property(fc.array(token, { maxLength: 2 * MOST_ORDERS }), (tokens) => {
        const kept = tokens.reduce<string[]>(withOrder, []);
        expect(readOrderTokens(writtenOrderTokens(kept))).toEqual(kept);
        expect(kept).toEqual([...new Set([...tokens].reverse())].slice(0, MOST_ORDERS));
      }),
    );
  });

  it('are those that name one, whatever else stands in the text', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(token, fc.string()), { maxLength: 30 }), token, (parts, one) => {
        const read = readOrderTokens([...parts, one].join('.'));
        for (const each of read) expect(each).toMatch(/^[0-9a-f-]{36}$/);
        if (parts.length < MOST_ORDERS) expect(read).toContain(one);
      }),
    );
    expect(readOrderTokens(undefined)).toEqual([]);
    expect(readOrderTokens("'; DROP TABLE shop_order; --")).toEqual([]);
  });
});
