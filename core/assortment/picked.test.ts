import { describe, expect, it } from 'vitest';
import { readAssortment } from './assortment.ts';
import { isPicked } from './picked.ts';

const picked = (value: object) => isPicked(readAssortment(value));
const rule = (...parts: object[]) => ({ of: 'products', rule: { join: 'all', parts } });

describe('an assortment that was picked by hand', () => {
  it('is one that names its items, at any depth of its rule, or has some put in or pinned', () => {
    expect(picked(rule({ is: 'named', ids: [1] }))).toBe(true);
    expect(picked(rule({ join: 'any', parts: [{ is: 'named', ids: [1] }, { is: 'featured' }] }))).toBe(true);
    expect(picked({ of: 'products', byHand: { putIn: [4], leftOut: [], pins: [] } })).toBe(true);
    const pins = [{ id: 4, place: 1 }];
    expect(picked({ of: 'products', byHand: { putIn: [], leftOut: [], pins } })).toBe(true);
    expect(picked({ of: 'categories', choose: { from: 'named', ids: [2] } })).toBe(true);
    expect(picked({ of: 'collections', ids: [2] })).toBe(true);
    expect(picked({ of: 'entries', ids: [2] })).toBe(true);
  });

  it('is none that goes by a rule, or only leaves some out', () => {
    expect(picked({ of: 'products' })).toBe(false);
    expect(picked(rule({ is: 'featured' }))).toBe(false);
    expect(picked({ of: 'products', byHand: { putIn: [], leftOut: [4], pins: [] } })).toBe(false);
    expect(picked({ of: 'categories', choose: { from: 'roots' } })).toBe(false);
    expect(picked({ of: 'collections' })).toBe(false);
    expect(picked({ of: 'entries' })).toBe(false);
  });
});
