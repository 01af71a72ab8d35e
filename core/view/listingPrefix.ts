import { pageKind } from '../pages/index.ts';
import { WORDS_PARAMETER } from '../listing/parameters.ts';
import type { Page } from '../plan/page.ts';
import { shelvesOf } from '../plan/places.ts';
import type { Plan } from '../plan/plan.ts';
import { hasTools } from './listingOf.ts';

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

/** Whether words can be searched within a list with such a prefix: the page itself may be what is found by that parameter. */
export const searchesWithin = ({ kind }: Pick<Page, 'kind'>, prefix: string): boolean =>
  !Object.hasOwn(pageKind(kind).reads, prefix + WORDS_PARAMETER);
