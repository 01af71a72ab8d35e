import { pagesFor } from '../../core/pages/index.ts';
import type { PageKind } from '../../core/pages/pageKind.ts';
import { shelvesOf } from '../../core/plan/places.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { assortmentOf } from '../../core/plan/showing.ts';
import type { GivenListing } from '../../core/view/address.ts';
import { givenListing } from '../../core/view/givenListing.ts';
import { hasTools, offeredBy } from '../../core/view/listingOf.ts';
import { listingPrefix, searchesWithin } from '../../core/view/listingPrefix.ts';
import type { ListingNames } from '../listing/listingNames.ts';

/** Reads of an address what it chooses of the lists of a page, by shelf; lists of which nothing is chosen are left out. */
export type ReadListings = (
  given: (name: string) => readonly string[],
) => Readonly<Record<string, GivenListing>>;

const NONE: ReadListings = () => ({});

/**
 * How what is chosen of lists is read at an address: of every page that can be there, since which one is there is known
 * once what it is about is read.
 * @param names asked only where there is a list with tools
 */
export async function listingsAsked(
  plan: Plan,
  kind: PageKind,
  slug: string,
  names: () => Promise<ListingNames>,
): Promise<ReadListings> {
  const lists = pagesFor(plan, kind, slug).flatMap((page) =>
    page.bays
      .flatMap((bay) => shelvesOf(bay))
      .flatMap((id) => {
        const shelf = Object.hasOwn(plan.shelves, id) ? plan.shelves[id]! : null;
        if (!shelf || !hasTools(shelf) || assortmentOf(plan, shelf).of !== 'products') return [];
        const prefix = listingPrefix(page, plan, id);
        const offered = offeredBy(shelf);
        const searching = offered.searching && searchesWithin(page, prefix);
        return [{ id, prefix, offered: { ...offered, searching } }];
      }),
  );
  if (lists.length === 0) return NONE;
  const { parameters } = await names();
  return (given) =>
    Object.fromEntries(
      lists.flatMap(({ id, prefix, offered }) => {
        const listing = givenListing(offered, given, prefix, parameters);
        return listing.parameters.length > 0 ? [[id, listing] as const] : [];
      }),
    );
}
