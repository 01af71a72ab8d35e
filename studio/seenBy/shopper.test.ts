// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { lookedAtBy, makeShopper, newShopper } from './shopper.ts';

beforeEach(() => localStorage.clear());
afterEach(() => vi.restoreAllMocks());

describe('the shopper who is played', () => {
  it('is new at first, and the same after the window was closed', () => {
    const shopper = makeShopper();
    expect(shopper.getState()).toEqual(newShopper);
    shopper.change({ returning: true, lookedAt: [3, 1], category: 7 });
    expect(makeShopper().getState()).toEqual({
      ...newShopper,
      returning: true,
      lookedAt: [3, 1],
      category: 7,
    });
  });

  it('has looked at something only while returning', () => {
    expect(lookedAtBy({ ...newShopper, lookedAt: [3] })).toEqual([]);
    expect(lookedAtBy({ ...newShopper, returning: true, lookedAt: [3] })).toEqual([3]);
  });

  it.each([
    ['no JSON', '{'],
    ['other values', '{"returning": "yes", "lookedAt": [1, "x", -2], "category": "bowls"}'],
    ['nothing at all', 'null'],
  ])('is new where what was kept is %s', (_, text) => {
    localStorage.setItem('wide-shelf-seen-by', text);
    expect(makeShopper().getState()).toEqual(newShopper);
  });

  it('remembers no more products than a shopper’s own browser would', () => {
    const lookedAt = Array.from({ length: 80 }, (_, i) => i + 1);
    localStorage.setItem('wide-shelf-seen-by', JSON.stringify({ returning: true, lookedAt }));
    expect(makeShopper().getState().lookedAt).toEqual(lookedAt.slice(0, 30));
  });

  it('can be changed where the browser keeps nothing', () => {
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('Full.', 'QuotaExceededError');
    });
    const shopper = makeShopper();
    shopper.change({ returning: true });
    expect(shopper.getState().returning).toBe(true);
  });
});
