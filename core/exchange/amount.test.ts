import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { decimalMarkOf, readAmount, readNumber } from './amount.ts';

/** An amount as a shop of some country writes it. */
const written = (minor: number, digits: number, mark: '.' | ',', grouped: boolean): string => {
  const [whole, part] = (minor / 10 ** digits).toFixed(digits).split('.') as [string, string | undefined];
  const thousands = mark === '.' ? ',' : '.';
  const groups = grouped ? whole.replace(/\B(?=(\d{3})+$)/gu, thousands) : whole;
  return part === undefined ? groups : `${groups}${mark}${part}`;
};

describe('amounts', () => {
  it('are read back as they were written, whatever the country', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 90_000_000 }), { minLength: 1, maxLength: 8 }),
        fc.constantFrom('.', ',' as const),
        fc.boolean(),
        fc.constantFrom('', '€', ' EUR', ' zł'),
        fc.constantFrom('', '£', '$ ', 'CHF '),
        (amounts, mark, grouped, after, before) => {
          const texts = amounts.map(
            (amount) => `${before}${written(amount, 2, mark, grouped)}${before ? '' : after}`,
          );
          expect(decimalMarkOf(texts, 2)).toBe(mark);
          expect(texts.map((text) => readAmount(text, mark, 2))).toEqual(amounts);
        },
      ),
    );
  });

  it('of a currency with thousandths are not taken for thousands', () => {
    expect(decimalMarkOf(['1.250', '12.000'], 3)).toBe('.');
    expect(readAmount('1.250', '.', 3)).toBe(1250);
    // Of others they are.
    expect(decimalMarkOf(['1.250', '12.000'], 2)).toBe(',');
    expect(readAmount('1.250', ',', 2)).toBe(125_000);
    expect(readAmount('1200', '.', 0)).toBe(1200);
  });

  it.each([
    ['1.234,50 €', ',', 123_450],
    ['1 234,50', ',', 123_450],
    ['1’234.50', '.', 123_450],
    ['44', ',', 4400],
    ['44.-', '.', 4400],
    ['12,–', ',', 1200],
    ['.5', '.', 50],
    ['-3', '.', -300],
    ['Fr. 12.50', '.', 1250],
    ['12.505', '.', null],
    ['twelve', '.', null],
    ['1,2,3', '.', null],
    ['1.2.3', '.', null],
    ['12,50', '.', null],
    ['12 or 14', '.', null],
    ['', '.', null],
    ['€', '.', null],
    ['1.5E+3', '.', 150_000],
    ['1,5E+3', ',', 150_000],
    ['1e400', '.', null],
    ['99999999999999999999', '.', null],
  ] as const)('%j is %j', (text, mark, minor) => expect(readAmount(text, mark, 2)).toBe(minor));

  it('are numbers with signs below nothing', () => {
    expect(readNumber('-1,234.5', '.')).toBe(-1234.5);
    expect(readNumber('1,23', '.')).toBeNull();
  });
});
