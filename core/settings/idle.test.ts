import { describe, expect, it } from 'vitest';
import { baySettings } from '../bays/index.ts';
import { shelfSettings } from '../plan/shelf.ts';
import type { Shown } from './setting.ts';

const settings = [...shelfSettings('products'), ...baySettings('product')];
const nothing: Shown = { cards: [], steps: [], pictures: null };

/** Why a setting has no effect with what is shown, where these values are set. */
const idle = (id: string, shown: Partial<Shown>, set: Record<string, unknown> = {}) =>
  settings.find((one) => one.id === id)!.idle!({ ...nothing, ...shown }, (other) => set[other]);

const price = (before: string | null) => ({ parts: [{ part: 'price', before }] });

describe('a setting that has no effect with what is shown', () => {
  it.each(['moving.arrows', 'moving.marks', 'moving.play', 'moving.loop', 'moving.step'])(
    '%s: says so where all of a row is in sight at every width',
    (id) => {
      const still = { moves: false, whole: true };
      expect(idle(id, { steps: [still, still] })).toBe('All of it is in sight at once');
      expect(idle(id, { steps: [still, { moves: true, whole: true }] })).toBeNull();
      expect(idle(id, {})).toBeNull();
    },
  );

  it('pages: where there is one', () => {
    const set = { 'paging.by': 'numbered' };
    const [whole, part] = [
      { moves: false, whole: true },
      { moves: false, whole: false },
    ];
    expect(idle('paging.by', { steps: [whole, whole] }, set)).toBe('All of it is on one page');
    expect(idle('paging.by', { steps: [whole, part] }, set)).toBeNull();
    // What is not asked for is not missed.
    expect(idle('paging.by', { steps: [whole] }, { 'paging.by': 'none' })).toBeNull();
  });

  it('words of reduced prices: where none is', () => {
    const set = { 'card.parts.price.words': 'reduced' };
    expect(idle('card.parts.price.words', { cards: [price(null), price(null)] }, set)).toBe(
      'Nothing that is shown is reduced',
    );
    expect(idle('card.parts.price.words', { cards: [price(null), price('£24')] }, set)).toBeNull();
    expect(
      idle('card.parts.price.words', { cards: [price(null)] }, { 'card.parts.price.words': 'always' }),
    ).toBeNull();
  });

  it.each([
    ['way', 1, 'The product that is shown has no second picture'],
    ['smallAt', 1, 'The product that is shown has no second picture'],
    ['way', 2, null],
    ['zoom', 0, 'The product that is shown has no picture'],
    ['zoom', 1, null],
  ])('%s, of a product with %d pictures', (id, pictures, why) => {
    expect(idle(id, { pictures })).toBe(why);
    // Nothing is said while it is not known.
    expect(idle(id, { pictures: null })).toBeNull();
  });
});
