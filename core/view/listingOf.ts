import type { Shelf } from '../plan/shelf.ts';
import { filtersOf } from '../listing/shownFilter.ts';
import type { Listing } from '../listing/listing.ts';
import { sortOf } from '../listing/sorts.ts';
import type { GivenListing } from './address.ts';
import type { Offered } from './givenListing.ts';

/** Whether it is shown at any width. */
export const isAnywhere = (shown: Readonly<Record<string, boolean>>): boolean =>
  Object.values(shown).includes(true);

/** What a shelf offers to find things with. */
export const offeredBy = ({ tools }: Pick<Shelf, 'tools'>): Offered => ({
  filters: tools.filters,
  sorts: tools.sorts,
  sorting: isAnywhere(tools.sort),
  searching: isAnywhere(tools.search),
  viewing: isAnywhere(tools.views),
  densing: isAnywhere(tools.dense),
});

/** Whether a shelf has any tool, at any width. */
export const hasTools = ({ tools }: Pick<Shelf, 'tools'>): boolean =>
  tools.filters.length > 0 ||
  [tools.count, tools.sort, tools.search, tools.views, tools.dense].some(isAnywhere);

/** What is asked of a list: what is chosen of it, and all that can be. */
export const listingOf = ({ tools }: Shelf, { choices, words, sort }: GivenListing): Listing => ({
  filters: filtersOf(tools.filters),
  choices,
  words,
  sort: sort === null ? null : (sortOf(sort)?.order ?? null),
});
