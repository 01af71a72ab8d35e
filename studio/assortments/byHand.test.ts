import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ByHand } from '../../core/assortment/products.ts';
import { specimenPlan } from '../../core/specimen/specimen.ts';
import { withoutPin, withPin } from './byHand.ts';
import { newAssortmentId } from './newAssortmentId.ts';

const nothing: ByHand = { putIn: [], leftOut: [], pins: [] };
const anyPins = fc.array(fc.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 50 })), {
  maxLength: 30,
});

describe('pins', () => {
  it('are one a product, in the order of their places, the last one said holding', () => {
    fc.assert(
      fc.property(anyPins, (said) => {
        const { pins } = said.reduce((byHand, [id, place]) => withPin(byHand, id, place), nothing);
        expect(new Map(pins.map(({ id, place }) => [id, place]))).toEqual(new Map(said));
        expect(pins.length).toBe(new Map(said).size);
        expect(pins.map(({ place }) => place)).toEqual(pins.map(({ place }) => place).sort((a, b) => a - b));
      }),
    );
  });

  it('are taken off without a trace, and nothing else with them', () => {
    fc.assert(
      fc.property(anyPins, fc.integer({ min: 1, max: 20 }), (said, id) => {
        const byHand = said.reduce((one, [at, place]) => withPin(one, at, place), {
          ...nothing,
          putIn: [1],
          leftOut: [2],
        });
        const without = withoutPin(byHand, id);
        expect(without.pins).toEqual(byHand.pins.filter((pin) => pin.id !== id));
        expect([without.putIn, without.leftOut]).toEqual([[1], [2]]);
      }),
    );
  });
});

describe('the id of a new assortment', () => {
  const plan = specimenPlan([]);
  const taken = (...ids: string[]) => ({
    ...plan,
    assortments: Object.fromEntries(ids.map((id) => [id, { id } as never])),
  });

  it('is made from its name, in letters that every address takes', () => {
    expect(newAssortmentId('Under sixty, from the table', plan)).toBe('under-sixty-from-the-table');
    expect(newAssortmentId('Für den Tisch', plan)).toMatch(/^[a-z0-9-]+$/);
    expect(newAssortmentId('***', plan)).toBe('assortment');
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (name) => {
        expect(newAssortmentId(name, plan)).toMatch(/^[a-z0-9]([a-z0-9-]{0,58}[a-z0-9])?$/);
      }),
    );
  });

  it('is one that nobody has', () => {
    expect(newAssortmentId('Mugs', taken('mugs'))).toBe('mugs-2');
    expect(newAssortmentId('Mugs', taken('mugs', 'mugs-2', 'mugs-3'))).toBe('mugs-4');
    // Not confused by what every object has.
    expect(newAssortmentId('constructor', plan)).toBe('constructor');
  });
});
