import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  choiceInSchema,
  choicesSchema,
  MOST_OPTIONS,
  MOST_VARIANTS,
  optionFault,
  optionsOfVariants,
  sayVariants,
  variantFault,
  type ChoiceIn,
} from './variants.ts';

const glaze = {
  id: 1,
  name: 'Glaze',
  values: [
    { id: 10, name: 'Peat', products: 1 },
    { id: 11, name: 'Chalk', products: 1 },
  ],
};
const size = { id: 2, name: 'Size', values: [{ id: 20, name: 'Small', products: 1 }] };

describe('the options of a product', () => {
  it('are those in which its variants are something, and are said with how many there are', () => {
    const of = (...values: number[][]) =>
      optionsOfVariants(
        values.map((one) => ({ values: one })),
        [glaze, size],
      );
    expect(of([])).toEqual([]);
    expect(of([10], [11])).toEqual([glaze]);
    expect(of([11, 20])).toEqual([glaze, size]);
    expect(sayVariants([], 1)).toBe('');
    expect(sayVariants([glaze], 1)).toBe('Glaze, with 1 variant');
    expect(sayVariants([glaze, size], 6)).toBe('Glaze and Size, with 6 variants');
  });

  it('are never two of one name, and not too many', () => {
    expect(optionFault([glaze], 'Size')).toBeNull();
    expect(optionFault([glaze], ' gLÄZE ')).toMatch(/has the option “gLÄZE” already/);
    const many = Array.from({ length: MOST_OPTIONS }, (_, i) => ({ name: `O${i}` }));
    expect(optionFault(many, 'Another')).toMatch(/at most/);
  });
});

describe('another variant', () => {
  const options = [{ name: 'Glaze' }, { name: 'Size' }];
  const value = fc.constantFrom('Peat', 'peat', 'Chalk', 'Été', 'ete');
  const choice = fc.record({ Glaze: value, Size: value }).map(({ Glaze, Size }): ChoiceIn[] => [
    { option: 'Glaze', value: Glaze },
    { option: 'Size', value: Size },
  ]);
  const told = (one: readonly ChoiceIn[]) =>
    one.map(({ value: said }) => said.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase()).join();

  it('is one that there is not yet, however its names are written and in whatever order they are said', () => {
    fc.assert(
      fc.property(fc.array(choice, { maxLength: 6 }), choice, (all, next) => {
        const isThere = all.some((one) => told(one) === told(next));
        const fault = variantFault(options, all, next);
        if (isThere) expect(fault).toMatch(/already/);
        else expect(fault).toBeNull();
        expect(variantFault(options, all, [...next].reverse()) === null).toBe(!isThere);
      }),
    );
  });

  it('says what it is in every option, and in no other', () => {
    const peat = { option: 'Glaze', value: 'Peat' };
    expect(variantFault([], [], [peat])).toMatch(/needs an option/);
    expect(variantFault(options, [], [peat])).toBe('Say which Size it is.');
    expect(variantFault([{ name: 'Glaze' }], [], [peat, { option: 'Size', value: 'S' }])).toMatch(
      /does not have/,
    );
    const full = Array.from({ length: MOST_VARIANTS }, (_, i) => [{ option: 'Glaze', value: `V${i}` }]);
    expect(variantFault([{ name: 'Glaze' }], full, [peat])).toMatch(/at most/);
  });

  it('is sent as names that are there, of as many options as there can be', () => {
    const fits = (value: unknown) => choicesSchema.isValidSync(value, { strict: true });
    expect(fits([{ option: 'Glaze', value: 'Peat' }])).toBe(true);
    expect(fits([])).toBe(false);
    expect(fits([{ option: 'Glaze', value: '  ' }])).toBe(false);
    expect(fits(Array(MOST_OPTIONS + 1).fill({ option: 'Glaze', value: 'Peat' }))).toBe(false);
    expect(choiceInSchema.isValidSync({ option: 'x'.repeat(61), value: 'y' }, { strict: true })).toBe(false);
    expect(fits([null])).toBe(false);
  });
});
