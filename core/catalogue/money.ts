import { numberFormat } from './formats.ts';

/** How the store writes numbers and money. */
export interface Currency {
  /** ISO 4217. */
  code: string;
  /** BCP 47. */
  locale: string;
}

const digitsOf = new Map<string, number>();

/** Digits after the point that a currency has, ISO 4217. */
export function fractionDigits(code: string): number {
  let digits = digitsOf.get(code);
  if (digits === undefined) {
    digits =
      numberFormat('en', { style: 'currency', currency: code }).resolvedOptions().maximumFractionDigits ?? 2;
    digitsOf.set(code, digits);
  }
  return digits;
}

/** Minor units (pence, cents) as the store's shoppers read them; whole amounts without decimals. */
export function formatMoney(minor: number, { code, locale }: Currency): string {
  const digits = fractionDigits(code);
  const whole = minor % 10 ** digits === 0;
  return numberFormat(locale, {
    style: 'currency',
    currency: code,
    minimumFractionDigits: whole ? 0 : digits,
    maximumFractionDigits: digits,
  }).format(minor / 10 ** digits);
}

/** Minor units as a plain decimal number, as schema.org wants it. */
export function decimalMoney(minor: number, code: string): string {
  const digits = fractionDigits(code);
  return (minor / 10 ** digits).toFixed(digits);
}
