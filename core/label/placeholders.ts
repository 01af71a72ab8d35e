import { formatMoney, type Currency } from '../catalogue/money.ts';
import type { ProductFacts } from '../catalogue/facts.ts';
import { percentOff } from './percentOff.ts';

/** What stands for a figure of the product in the owner's own words. */
export const PLACEHOLDERS = ['percent', 'saved', 'left'] as const;
export type Placeholder = (typeof PLACEHOLDERS)[number];

const PLACES = /\{([^{}]*)\}/g;

const values: Record<Placeholder, (product: ProductFacts, currency: Currency) => string | null> = {
  percent: ({ price }) => {
    const percent = price.reduced === null ? null : percentOff(price.regular, price.reduced);
    return percent === null ? null : `${percent}%`;
  },
  saved: ({ price }, currency) =>
    price.reduced === null ? null : formatMoney(price.regular - price.reduced, currency),
  left: ({ stock }) => (stock.count === null || stock.state === 'out' ? null : String(stock.count)),
};

const isPlaceholder = (name: string): name is Placeholder =>
  (PLACEHOLDERS as readonly string[]).includes(name);

/** Placeholders in words, in the order in which they stand; also those that there are not. */
export const placeholdersIn = (words: string): string[] =>
  [...words.matchAll(PLACES)].map(([, name]) => name!);

/** The words with the figures of a product; null where one of them has none. */
export function filledWords(words: string, product: ProductFacts, currency: Currency): string | null {
  let known = true;
  const filled = words.replaceAll(PLACES, (_, name: string) => {
    const value = isPlaceholder(name) ? values[name](product, currency) : null;
    known &&= value !== null;
    return value ?? '';
  });
  return known ? filled.trim() : null;
}

/** What is wrong with own words, as a sentence; null where nothing is. */
export function wordsFault(words: string, allowed: readonly Placeholder[]): string | null {
  const unknown = placeholdersIn(words).find((name) => !(allowed as readonly string[]).includes(name));
  if (unknown === undefined) return null;
  const known = allowed.map((name) => `{${name}}`).join(', ');
  return known
    ? `Here "{${unknown}}" stands for nothing. What can be used: ${known}.`
    : `Nothing can stand in braces here; take "{${unknown}}" out.`;
}
