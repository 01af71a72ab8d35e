import { LAYOUT_IDS, layoutKind, type LayoutId } from '../layouts/index.ts';
import { inOrder, type GivenListing, type Parameter } from './address.ts';
import type { Choice } from '../listing/choice.ts';
import {
  LEAST_END,
  MOST_END,
  SORT_PARAMETER,
  DENSE,
  DENSITY_PARAMETER,
  VIEW_PARAMETER,
  wordsOf,
  WORDS_PARAMETER,
  type ListingParameters,
} from '../listing/parameters.ts';
import { filtersOf, type ShownFilter } from '../listing/shownFilter.ts';
import type { AnySort } from '../listing/sorts.ts';

/** The layout that an address asks for, of those that shoppers may choose. */
const viewOf = (id: string | undefined): LayoutId | null =>
  LAYOUT_IDS.find((one) => one === id && layoutKind(one).shoppers) ?? null;

/** What a list offers, as far as an address can ask for it. */
export interface Offered {
  filters: readonly ShownFilter[];
  sorts: readonly AnySort[];
  searching: boolean;
  viewing: boolean;
  densing: boolean;
}

/**
 * What an address chooses of a list: only what that offers and what there is, in one order, so that equal lists have
 * equal addresses.
 * @param given all values of a parameter, as they stand in the address
 * @param prefix what stands before the names of parameters
 */
export function givenListing(
  offered: Offered,
  given: (name: string) => readonly string[],
  prefix: string,
  parameters: ListingParameters,
): GivenListing {
  const choices = filtersOf(offered.filters).flatMap((filter): Choice[] => {
    const name = parameters.nameOf(filter);
    if (name === null) return [];
    const [least, most] = [LEAST_END, MOST_END].map((end) => given(prefix + name + end).at(-1) ?? null);
    const choice = parameters.read(filter, { values: given(prefix + name), least: least!, most: most! });
    return choice ? [choice] : [];
  });
  const words = offered.searching ? wordsOf(given(prefix + WORDS_PARAMETER).at(-1)) : '';
  const asked = given(prefix + SORT_PARAMETER).at(-1);
  const view = offered.viewing ? viewOf(given(prefix + VIEW_PARAMETER).at(-1)) : null;
  const dense = offered.densing && given(prefix + DENSITY_PARAMETER).at(-1) === DENSE;
  const sort = offered.sorts.find((id) => id === asked) ?? null;
  return {
    choices,
    words,
    sort,
    view,
    dense,
    parameters: inOrder([
      ...choices.flatMap((choice) =>
        parameters
          .write(choice)
          .map((value): Parameter => [prefix + parameters.nameOf(choice.filter)!, value]),
      ),
      ...(words ? [[prefix + WORDS_PARAMETER, words] as const] : []),
      ...(sort ? [[prefix + SORT_PARAMETER, sort] as const] : []),
      ...(view ? [[prefix + VIEW_PARAMETER, view] as const] : []),
      ...(dense ? [[prefix + DENSITY_PARAMETER, DENSE] as const] : []),
    ]),
  };
}
