import { formatMoney } from '../../catalogue/money.ts';
import { number, object, string } from '../../schema/schema.ts';
import type { Currency } from '../../catalogue/money.ts';
import type { ClauseKind, ProductRecord } from '../kinds.ts';

/** What a shopper pays, minor units of the store's currency, both ends included; null for open. */
export interface PriceClause {
  is: 'price';
  least: number | null;
  most: number | null;
}

/** Minor units; the largest that the database keeps. */
export const HIGHEST_PRICE = 2 ** 31 - 1;

/** Larger numbers are no prices that anybody types, minor units. */
const HIGHEST_TYPED = 100_000_000;

/** Price that a shopper pays. */
export const paid = (product: Pick<ProductRecord, 'price' | 'reduced'>): number =>
  product.reduced ?? product.price;

function range({ least, most }: PriceClause, currency: Currency): [string, string][] {
  const money = (minor: number) => formatMoney(minor, currency);
  if (least !== null && most !== null)
    return [
      ['between ', money(least)],
      [' and ', money(most)],
    ];
  if (least !== null) return [['at least ', money(least)]];
  return most === null ? [['', 'any price']] : [['at most ', money(most)]];
}

export const priceClause: ClauseKind<PriceClause> = {
  id: 'price',
  name: 'Price',
  find: ['price', 'costs', 'cheaper', 'dearer', 'under', 'over', 'between'],
  schema: object({
    is: string()
      .oneOf(['price'] as const)
      .required(),
    least: number().integer().min(0).max(HIGHEST_PRICE).nullable().defined(),
    most: number()
      .integer()
      .min(0)
      .max(HIGHEST_PRICE)
      .nullable()
      .defined()
      .test('range', 'The highest price is below the lowest.', (most, { parent }) => {
        const { least } = parent as PriceClause;
        return most === null || most === undefined || least === null || most >= least;
      }),
  }).noUnknown(),
  atFirst: () => ({ is: 'price', least: null, most: 6000 }),
  typed: (words) => {
    const number = /\d+(?:[.,]\d{1,2})?/.exec(words)?.[0];
    const minor = Math.round(Number(number?.replace(',', '.')) * 100);
    if (!(minor <= HIGHEST_TYPED)) return [];
    const [least, most]: PriceClause[] = [
      { is: 'price', least: minor, most: null },
      { is: 'price', least: null, most: minor },
    ];
    return /over|least|from|above|more/.test(words) ? [least!, most!] : [most!, least!];
  },
  say: (clause, { currency }) => [
    'costs ',
    ...range(clause, currency).flatMap(([before, text]) => [before, { text, opens: 'clause' }]),
  ],
  looksAt: ['price', 'reduced'],
  gone: () => [],
  holds: ({ least, most }, product) =>
    (least === null || paid(product) >= least) && (most === null || paid(product) <= most),
  against: (_, product, __, { currency }) => `it costs ${formatMoney(paid(product), currency)}`,
};
