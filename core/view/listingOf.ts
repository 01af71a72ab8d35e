import type { Page } from '../plan/page.ts';
import type { Plan } from '../plan/plan.ts';
import { shelvesOf } from '../plan/places.ts';
import type { Shelf } from '../plan/shelf.ts';
import { pageKind } from '../pages/index.ts';
import { filtersOf, type Offered } from '../listing/given.ts';
import type { Listing } from '../listing/listing.ts';
import { sortOf } from '../listing/sorts.ts';
import type { GivenListing } from './address.ts';

const isAnywhere = (shown: Readonly<Record<string, boolean>>): boolean => Object.values(shown).includes(true);

/** What a shelf offers to find things with. */
export const offeredBy = ({ tools }: Pick<Shelf, 'tools'>): Offered => ({
  filters: tools.filters,
  sorts: tools.sorts,
  sorting: isAnywhere(tools.sort),
  searching: isAnywhere(tools.search),
  viewing: isAnywhere(tools.views),
});

/** Whether a shelf has any tool, at any width. */
export const hasTools = ({ tools }: Pick<Shelf, 'tools'>): boolean =>
  tools.filters.length > 0 || [tools.count, tools.sort, tools.search, tools.views].some(isAnywhere);

/**
 * What stands before the names of a shelf's parameters: nothing for the first with tools of a page that is a list, so
 * that its address reads well, and the shelf's id for all others.
 */
export function listingPrefix(page: Pick<Page, 'kind' | 'bays'>, plan: Plan, shelfId: string): string {
  const first =
    pageKind(page.kind).lists &&
    page.bays
      .flatMap((bay) => shelvesOf(bay))
      .find((id) => Object.hasOwn(plan.shelves, id) && hasTools(plan.shelves[id]!));
  return first === shelfId ? '' : `${shelfId}.`;
}

/** What is asked of a list: what is chosen of it, and all that can be. */
export const listingOf = ({ tools }: Shelf, { choices, words, sort }: GivenListing): Listing => ({
  filters: filtersOf(tools.filters),
  choices,
  words,
  sort: sort === null ? null : (sortOf(sort)?.order ?? null),
});
