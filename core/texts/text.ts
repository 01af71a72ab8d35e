/** Where texts are said, in the order in which they are listed. */
export const TEXT_GROUPS = {
  everywhere: 'On every page',
  lists: 'Lists and their pages',
  listings: 'Filters, sorting and search',
  tables: 'Tables',
  moving: 'Rows that move',
  products: 'Cards and products',
  saved: 'Saved products',
  basket: 'Basket',
  checkout: 'Checkout and orders',
  questions: 'Questions and quotes',
  faults: 'What is wrong with a form',
  plain: 'Pages that only say something',
} as const;
export type TextGroup = keyof typeof TEXT_GROUPS;

/** What stands in braces in a text: its name, an example, and how a number is written where not in whole figures. */
export type Param = readonly [name: string, sample: string | number, written?: 'tenths'];

/** Words, by the plural categories of their language (Unicode CLDR) where they count something. */
export type Words = string | Plural;
export type Plural = Readonly<Partial<Record<Intl.LDMLPluralRule, string>>>;

/** One text of the store in the language that ships with the application. */
export interface TextDefinition<P extends readonly Param[] = readonly Param[]> {
  group: TextGroup;
  words: Words;
  params: P;
  /** Where it is said, as far as its words do not tell. */
  about?: string;
}

interface Writes {
  (words: string, about?: string): TextDefinition<readonly []>;
  <const P extends readonly Param[]>(words: Words, params: P, about?: string): TextDefinition<P>;
}

/** Writes down texts of a group; what they count, and what else they say, stands in braces. */
export const textsOf =
  (group: TextGroup): Writes =>
  (words: Words, second?: readonly Param[] | string, third?: string): TextDefinition<never> => {
    const params = typeof second === 'object' ? second : [];
    const about = typeof second === 'object' ? third : second;
    return { group, words, params: params as never, ...(about !== undefined && { about }) };
  };

/** A table of texts; several that belong together stand under one name. */
export interface TextTable {
  readonly [name: string]: TextDefinition | TextTable;
}

type Arguments<P extends readonly Param[]> = {
  -readonly [I in keyof P]: P[I] extends readonly [string, number, ...unknown[]] ? number : string;
};

/** What a table comes to: words, and functions of what stands in their braces, in that order. */
export type Said<T> =
  T extends TextDefinition<infer P>
    ? P extends readonly []
      ? string
      : (...given: Arguments<P>) => string
    : { readonly [K in keyof T]: Said<T[K]> };

export const isText = (one: TextDefinition | TextTable): one is TextDefinition =>
  typeof (one as TextDefinition).group === 'string';

/** What stands in braces. */
export const IN_BRACES = /\{(\w+)\}/g;
