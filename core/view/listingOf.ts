import type { Shelf } from '../plan/shelf.ts';
import { filtersOf } from '../listing/shownFilter.ts';
import type { Listing } from '../listing/listing.ts';
import { orderOfSort, type AnySort } from '../listing/sorts.ts';
import { layoutKind } from '../layouts/index.ts';
import type { GivenListing } from './address.ts';
import type { Offered } from './givenListing.ts';
import { sortsOf } from './tableView.ts';

/** Whether it is shown at any width. */
export const isAnywhere = (shown: Readonly<Record<string, boolean>>): boolean =>
  Object.values(shown).includes(true);

/** What decides how shoppers may sort and narrow a shelf. */
type Offering = Pick<Shelf, 'tools' | 'card' | 'layout' | 'layoutOwn'>;

/** Ways to sort by the columns of a table, where it is one at any width, or shoppers can have it as one. */
function columnSorts({ tools, card, layout, layoutOwn }: Offering): AnySort[] {
  const asTable = isAnywhere(tools.views)
    ? layoutOwn.table.columns
    : Object.values(layout).flatMap((id) => layoutKind(id).table?.({ layoutOwn }) ?? []);
  return [...new Set(asTable)].flatMap((column) => sortsOf(card, column));
}

/** What a shelf offers to find things with. */
export function offeredBy(shelf: Offering): Offered {
  const { filters, sort, sorts, search, views, dense } = shelf.tools;
  return {
    filters,
    sorts: [...(isAnywhere(sort) ? sorts : []), ...columnSorts(shelf)],
    searching: isAnywhere(search),
    viewing: isAnywhere(views),
    densing: isAnywhere(dense),
  };
}

/** Whether a shelf has any tool, at any width. */
export function hasTools(shelf: Offering): boolean {
  const { filters, count, sort, search, views, dense } = shelf.tools;
  return (
    filters.length > 0 ||
    [count, sort, search, views, dense].some(isAnywhere) ||
    columnSorts(shelf).length > 0
  );
}

/** What is asked of a list: what is chosen of it, and all that can be. */
export const listingOf = ({ tools }: Shelf, { choices, words, sort }: GivenListing): Listing => ({
  filters: filtersOf(tools.filters),
  choices,
  words,
  sort: sort === null ? null : orderOfSort(sort),
});
