import type { ValueKind } from '../settings/valueKind.ts';

/** What a property is drawn with: another one, with a value other than this. */
export interface Needs {
  property: string;
  not: unknown;
  /** Why it changes nothing: "There is no border". */
  because: string;
}

/** One thing that can be set of how an element is drawn: all that is asked of it. */
export interface StyleProperty<V> {
  id: string;
  name: string;
  /** Words that find it, besides its name. */
  find: readonly string[];
  kind: ValueKind<V>;
  /** What it begins with where nothing is known of what an element has. */
  begins: NoInfer<V>;
  /** It may have another value at each width. */
  varies: boolean;
  /** It reads after what it is set of: "title 18 px", "price in rust". */
  say(value: V): string;
  /** What is good to know of a value. */
  about?(value: V): string;
  /** Declarations, each with what ends it left out. */
  css(value: V): string;
  /** Its type in a file of Design Tokens, where its kind does not say it. */
  token?: 'fontFamily' | 'fontWeight';
  /** It takes part in how much room there is, or in how states change, and so is the same in all of them. */
  onlyAtRest?: boolean;
  /** Where it is not set, it is as what the element stands in has it. */
  inherits?: boolean;
  /** It changes nothing where another property of the same element has a value that leaves nothing to draw with it. */
  needs?: Needs;
  /** Only where movement is not to be reduced. */
  moves?: boolean;
}

export const propertyOf = <V>(property: StyleProperty<V>): StyleProperty<V> => property;

/** One whose values are known to itself alone. */
export type AnyProperty = StyleProperty<unknown>;
