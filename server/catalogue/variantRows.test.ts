import { describe, expect, it } from 'vitest';
import { optionsOf, type VariantRow } from './variantRows.ts';

const GLAZE = { optionId: 1, optionPlace: 0, option: 'Glaze' };
const SIZE = { optionId: 2, optionPlace: 1, option: 'Size' };
const value = (of: typeof GLAZE, id: number, name: string) => ({
  ...of,
  id,
  value: name,
  position: id,
  colour: null,
  picture: null,
});
const fog = value(GLAZE, 1, 'Fogbank');
const oat = value(GLAZE, 2, 'Oatmeal');
const small = value(SIZE, 11, 'Small');
const large = value(SIZE, 12, 'Large');

const variant = (id: number, values: VariantRow['values'], more: Partial<VariantRow> = {}): VariantRow => ({
  id,
  product_id: 1,
  price: 1000 + id,
  reduced: null,
  stock: 5,
  picture: null,
  values,
  ...more,
});

/** What each value leads to, by its name. */
const leads = (variants: VariantRow[], asked: VariantRow | null = null) =>
  Object.fromEntries(
    optionsOf(variants, asked).flatMap(({ values }) =>
      values.map(({ name, variantId, available }) => [name, available ? variantId : -variantId]),
    ),
  );

const all = [
  variant(1, [fog, small]),
  variant(2, [fog, large]),
  variant(3, [oat, small]),
  variant(4, [oat, large]),
];

describe('options of a product', () => {
  it('are those whose values differ, in the order of the store, whatever the order of the variants', () => {
    for (const variants of [all, [...all].reverse()])
      expect(
        optionsOf(variants, null).map(({ name, values }) => [name, values.map((one) => one.name)]),
      ).toEqual([
        ['Glaze', ['Fogbank', 'Oatmeal']],
        ['Size', ['Small', 'Large']],
      ]);
    expect(
      optionsOf([variant(1, [fog, small]), variant(2, [fog, large])], null).map(({ name }) => name),
    ).toEqual(['Size']);
    expect(optionsOf([variant(1, [fog])], null)).toEqual([]);
    expect(optionsOf([variant(1, []), variant(2, [])], null)).toEqual([]);
    expect(optionsOf([], null)).toEqual([]);
  });

  it('stand as their owner put them, whatever their age', () => {
    const moved = all.map((one) => ({
      ...one,
      values: one.values.map((each) => ({ ...each, optionPlace: each.optionId === 1 ? 4 : 2 })),
    }));
    expect(optionsOf(all, null).map(({ name }) => name)).toEqual(['Glaze', 'Size']);
    expect(optionsOf(moved, null).map(({ name }) => name)).toEqual(['Size', 'Glaze']);
  });

  it('lead to the cheapest that can be had where nothing was chosen, and nothing is marked as chosen', () => {
    const cheaper = all.map((one) => (one.id === 2 ? { ...one, reduced: 100 } : one));
    expect(leads(cheaper)).toEqual({ Fogbank: 2, Oatmeal: 3, Small: 1, Large: 2 });
    const soldOut = cheaper.map((one) => (one.id === 2 ? { ...one, stock: 0 } : one));
    expect(leads(soldOut)).toEqual({ Fogbank: 1, Oatmeal: 3, Small: 1, Large: 4 });
    expect(optionsOf(all, null).flatMap(({ values }) => values.filter(({ chosen }) => chosen))).toEqual([]);
  });

  it('keep what was chosen of the other options, sold out or not, and always lead to the value itself', () => {
    expect(leads(all, all[3])).toEqual({ Fogbank: 2, Oatmeal: 4, Small: 3, Large: 4 });
    const soldOut = all.map((one) => (one.id === 2 ? { ...one, stock: 0 } : one));
    expect(leads(soldOut, soldOut[3])).toEqual({ Fogbank: -2, Oatmeal: 4, Small: 3, Large: 4 });
    // There is no large one in the other glaze: the value goes before the size.
    const some = all.filter(({ id }) => id !== 2);
    expect(leads(some, some[2])).toEqual({ Fogbank: 1, Oatmeal: 4, Small: 3, Large: 4 });
    expect(
      optionsOf(all, all[3]!).flatMap(({ values }) =>
        values.filter(({ chosen }) => chosen).map(({ name }) => name),
      ),
    ).toEqual(['Oatmeal', 'Large']);
  });
});
