import { entryPage } from '../pages/entry.ts';
import { pageFor } from '../pages/index.ts';
import { apply, type Command } from '../plan/commands.ts';
import { arrangeOne, idsIn } from '../plan/pageEdits.ts';
import type { StoredPage } from '../plan/page.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { shelvesOf } from '../plan/places.ts';

/** The page of an entry, and the bay of it that its text stands in. */
export interface EntryPlace {
  page: StoredPage;
  bayId: string;
  /** Ids of the shelves that may stand in its text. */
  shelves: readonly string[];
  /** It is arranged for this entry alone. */
  alone: boolean;
}

/** Where an entry is shown; null where the page of entries has no bay for it. */
export function placeOfEntry(stored: StoredPlan, entryId: number): EntryPlace | null {
  const found = pageFor(completePlan(stored), entryPage, '', entryId);
  const page = found && stored.pages[found.id];
  const bay = page?.bays.find(({ holds }) => holds === entryPage.first!.bays[0]!.holds);
  if (!page || !bay) return null;
  const alone = page.about === entryId;
  return { page, bayId: bay.id, shelves: alone ? shelvesOf(bay) : [], alone };
}

/** Everything of a page that a copy of it needs another id for; none where the entry has a page of its own already. */
export function idsForOwnPage(stored: StoredPlan, entryId: number): string[] {
  const place = placeOfEntry(stored, entryId);
  return !place || place.alone ? [] : [place.page.id, ...idsIn(place.page)];
}

const setShelves = (
  { page, bayId }: Pick<EntryPlace, 'page' | 'bayId'>,
  shelves: readonly string[],
): Command => ({
  do: 'set',
  on: { page: page.id, bay: bayId },
  setting: 'shelves',
  value: shelves.length > 0 ? shelves : undefined,
});

/**
 * Lets a shelf stand in the text of an entry, which is arranged by itself from then on; null where it cannot.
 * @param ids for a page of its own, as idsForOwnPage asks for them
 */
export function addToEntry(
  stored: StoredPlan,
  entry: { id: number; title: string },
  shelf: StoredShelf,
  ids: Readonly<Record<string, string>>,
): Command | null {
  const there = placeOfEntry(stored, entry.id);
  if (!there) return null;
  const own = there.alone
    ? []
    : [arrangeOne(stored, there.page, { about: entry.id, name: entry.title }, ids)];
  const place = own.length > 0 ? placeOfEntry(apply(stored, own[0]!), entry.id) : there;
  if (!place) return null;
  return {
    do: 'together',
    commands: [
      ...own,
      { do: 'settleShelves', add: [shelf], drop: [] },
      setShelves(place, [...place.shelves.filter((id) => id !== shelf.id), shelf.id]),
    ],
  };
}

/** Takes shelves that its text does not name off an entry; null where there are none. */
export function tidyEntry(stored: StoredPlan, entryId: number, named: readonly string[]): Command | null {
  const place = placeOfEntry(stored, entryId);
  const gone = place?.shelves.filter((id) => !named.includes(id)) ?? [];
  if (!place || gone.length === 0) return null;
  return {
    do: 'together',
    commands: [
      setShelves(
        place,
        place.shelves.filter((id) => named.includes(id)),
      ),
      { do: 'settleShelves', add: [], drop: gone },
    ],
  };
}
