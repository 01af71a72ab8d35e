import { completeAssortment } from '../assortment/assortment.ts';
import { sayAssortment } from '../assortment/say.ts';
import { apply, type Command } from '../plan/commands.ts';
import { documentKeys, documentOf, splitKey, type DocumentKey } from '../plan/documents.ts';
import type { StoredPage } from '../plan/page.ts';
import { shelvesOf } from '../plan/places.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { plain, type Names } from '../sentence/sentence.ts';
import { same } from '../settings/same.ts';
import { removalOf, withMissing } from './along.ts';
import { bandsChange } from './bandsChange.ts';
import { bayChanges, shelvesAt } from './bayChanges.ts';
import { change, sayPlace, type Change } from './change.ts';
import { withArrangement } from './arrangementChange.ts';
import { placeOf, wholeOf } from './placeOf.ts';
import { settingChanges, type Compared } from './settingChanges.ts';

/** Saved assortments that came, went or read otherwise. */
function assortmentChanges(compared: Compared): Change[] {
  const { before, after, names } = compared;
  const all = [...new Set([...Object.keys(before.assortments), ...Object.keys(after.assortments)])];
  return all.flatMap((id): Change[] => {
    const [old, now] = [before.assortments[id], after.assortments[id]];
    const key = `assortment:${id}` as const;
    const place = placeOf({ assortment: id }, now ? after : before);
    if (old && now) return settingChanges({ target: { assortment: id }, place }, compared);
    if (old) return [change(key, place, 'is removed', { do: 'putDocument', key, document: old })];
    const said = plain(sayAssortment(completeAssortment(now!.assortment), names));
    return [
      {
        ...change(key, place, `is new: ${said}`, { do: 'together', commands: [] }),
        ...removalOf(id, before, after),
      },
    ];
  });
}

/** Pages that came or went, with the shelves that only they show. */
function pageChanges({ before, after }: Compared): Change[] {
  const changes: Change[] = [];
  for (const page of Object.values(after.pages)) {
    if (before.pages[page.id]) continue;
    const commands: Command[] = [
      { do: 'putDocument', key: `page:${page.id}`, document: null },
      { do: 'settleShelves', add: [], drop: page.bays.flatMap((bay) => [...shelvesOf(bay)]) },
    ];
    changes.push(
      change(`page ${page.id}`, wholeOf(page.name ?? 'Page'), 'is a new page', { do: 'together', commands }),
    );
  }
  for (const page of Object.values(before.pages)) {
    if (after.pages[page.id]) continue;
    const commands: Command[] = [
      { do: 'putDocument', key: `page:${page.id}`, document: page },
      { do: 'settleShelves', add: page.bays.flatMap((bay) => shelvesAt(before, bay)), drop: [] },
    ];
    changes.push(
      change(`page ${page.id}`, wholeOf(page.name ?? 'Page'), 'the page is removed', {
        do: 'together',
        commands,
      }),
    );
  }
  return changes;
}

/** What differs of the bays that are in both; which shelf one shows goes with the shelf itself. */
function insideBays(compared: Compared, old: StoredPage, page: StoredPage): Change[] {
  const { before, after } = compared;
  return page.bays.flatMap((bay) => {
    const oldBay = old.bays.find(({ id }) => id === bay.id);
    if (!oldBay) return [];
    const target = { page: page.id, bay: bay.id };
    const changes = settingChanges({ target, place: placeOf(target, after) }, compared);
    if (same(shelvesOf(oldBay), shelvesOf(bay))) return changes;
    const settle: Command = {
      do: 'settleShelves',
      add: shelvesAt(before, oldBay),
      drop: [...shelvesOf(bay)],
    };
    return changes.map((one) => ({ ...one, takeBack: { do: 'revert', commands: [one.takeBack, settle] } }));
  });
}

const documentName = (plan: StoredPlan, key: DocumentKey): string => {
  const { kind, id } = splitKey(key);
  if (kind === 'house') return sayPlace(placeOf({ house: true }, plan));
  const document = documentOf(plan, key) as { name?: string } | undefined;
  return `${{ page: 'Page', shelf: 'Shelf', assortment: 'Assortment' }[kind]} "${document?.name ?? id}"`;
};

/** Documents that would still differ once all is reverted: said at least, so that nothing goes live unmentioned. */
function unmentioned({ before, after }: Compared, changes: readonly Change[]): Change[] {
  const reverted = changes.reduce((plan, { takeBack }) => apply(plan, takeBack), after);
  return [...new Set([...documentKeys(before), ...documentKeys(reverted)])]
    .filter((key) => !same(documentOf(before, key), documentOf(reverted, key)))
    .map((key) => {
      const old = documentOf(before, key);
      const text = !old ? 'is new' : documentOf(after, key) ? 'has other changes' : 'is removed';
      const commands: Command[] = [{ do: 'putDocument', key, document: old ?? null }];
      const { kind, id } = splitKey(key);
      // A page comes back with the shelves of its bays.
      if (kind === 'page')
        commands.push({
          do: 'settleShelves',
          add: (before.pages[id]?.bays ?? []).flatMap((bay) => shelvesAt(before, bay)),
          drop: (after.pages[id]?.bays ?? []).flatMap((bay) => [...shelvesOf(bay)]),
        });
      return change(`rest ${key}`, wholeOf(documentName(old ? before : after, key)), text, {
        do: 'revert',
        commands,
      });
    });
}

/** What is different in `after`, as sentences that can each be reverted; all of it, whatever it is. */
export function changesBetween(before: StoredPlan, after: StoredPlan, names: Names): Change[] {
  const compared: Compared = { before, after, names };
  const inPlans: Change[] = [
    ...settingChanges({ target: { house: true }, place: placeOf({ house: true }, after) }, compared),
    ...pageChanges(compared),
  ];
  for (const page of Object.values(after.pages)) {
    const old = before.pages[page.id];
    if (!old || old === page) continue;
    inPlans.push(
      ...settingChanges({ target: { page: page.id }, place: placeOf({ page: page.id }, after) }, compared),
    );
    inPlans.push(...bayChanges(compared, old, page), ...insideBays(compared, old, page));
  }
  inPlans.push(...assortmentChanges(compared));
  const ofShelves = Object.keys(after.shelves)
    .filter((id) => before.shelves[id] && before.shelves[id] !== after.shelves[id])
    .map((id) => {
      const where = { target: { shelf: id }, place: placeOf({ shelf: id }, after) };
      return { id, changes: settingChanges(where, compared) };
    });
  const told = new Set([...inPlans, ...ofShelves.flatMap(({ changes }) => changes)].map(({ id }) => id));
  const changes = [
    ...bandsChange(compared, told),
    ...inPlans,
    ...ofShelves.flatMap((shelf) => withArrangement(shelf.id, shelf.changes, compared)),
  ].map((one) => withMissing(one, before, after));
  return [...changes, ...unmentioned(compared, changes)];
}
