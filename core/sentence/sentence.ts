import type { Bands } from '../bands/bands.ts';
import type { Currency } from '../catalogue/money.ts';

/** A stretch of a sentence; one that `opens` a setting is underlined and can be pressed. */
export type Piece = string | { text: string; opens: string };
export type Sentence = readonly Piece[];

/** What sentences need to know to name things. A name is undefined when the thing is gone. */
export interface Names {
  bands: Bands;
  currency: Currency;
  /** Of the store: in it its days begin and end. */
  timeZone: string;
  /** Kinds of the store's labels, in their order. */
  labels: readonly string[];
  category(id: number): string | undefined;
  product(id: number): string | undefined;
  collection(id: number): string | undefined;
  brand(id: number): string | undefined;
  /** Whether any product has it. */
  tag(tag: string): string | undefined;
  field(id: string): { name: string; unit: string } | undefined;
  option(id: number): string | undefined;
  optionValue(id: number): string | undefined;
  /** The option that a value belongs to. */
  optionOf(valueId: number): number | undefined;
  /** A size of pictures that the store keeps. */
  pictureSize(id: string): string | undefined;
  /** A shelf, by its name in the owner's list. */
  shelf(id: string): string | undefined;
  /** A saved assortment. */
  assortment(id: string): string | undefined;
  /** A bay, of whatever page. */
  bay(id: string): string | undefined;
  /** A page, by its name in the owner's list. */
  page(id: string): string | undefined;
}

/** A name as it stands within a sentence; one that is all capitals stays. */
export const lowered = (name: string): string =>
  /^[A-Z][a-z]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;

export const plain = (sentence: Sentence): string =>
  sentence.map((piece) => (typeof piece === 'string' ? piece : piece.text)).join('');

/** Joins sentences with commas and a last word: a, b or c. */
export function listed(words: readonly string[], last: 'and' | 'or' = 'and'): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}

const grouped = new Intl.NumberFormat('en');

/** A number as a sentence has it: 88,084. */
export const numeral = (value: number): string => grouped.format(value);

export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${numeral(count)} ${count === 1 ? one : many}`;

/** "49 match", "3 match, topped up to 12 from Bestselling". */
export function sayMatches(own: number, total: number, from: string | null): string {
  const match = `${numeral(own)} ${own === 1 ? 'matches' : 'match'}`;
  return total > own ? `${match}, topped up to ${numeral(total)}${from ? ` from ${from}` : ''}` : match;
}

export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
