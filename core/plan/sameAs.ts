import { bayKind, isBayKind, type StoredBay } from '../bays/index.ts';
import { pageKind } from '../pages/index.ts';
import type { Command } from './commands.ts';
import type { BayRef } from './bay.ts';
import { fromGiver, lastOf } from './giver.ts';
import type { StoredPage } from './page.ts';
import type { StoredPlan } from './storedPlan.ts';

type Pages = StoredPlan['pages'];

/** What a bay has to itself, whatever it is the same as: that it is there, where, and when. */
const OWN: ReadonlySet<string> = new Set([
  'id',
  'holds',
  'sameAs',
  'place',
  'aside',
  'bands',
  'hidden',
  'from',
  'until',
  'anchor',
]);

/** Whether a setting of a bay is its own in any case. */
export const isOwnOfBay = (id: string): boolean => OWN.has(id.split('.')[0]!);

const bayAt = (pages: Pages, { page, bay }: BayRef): StoredBay | undefined =>
  Object.hasOwn(pages, page) ? pages[page]!.bays.find(({ id }) => id === bay) : undefined;

/** One text for a bay. */
export const keyOfBay = ({ page, bay }: BayRef): string => `${page}/${bay}`;
/** Whether two name the same bay. */
export const sameRef = (a: BayRef, b: BayRef): boolean => a.page === b.page && a.bay === b.bay;

/** Whether bays of a page can give: shoppers see it, and it is neither header nor footer, where bays are set otherwise. */
export const gives = (pages: Pages, page: string): boolean => {
  const { kept, edge } = pageKind(pages[page]!.kind);
  return !kept && edge === undefined;
};

/** Bays that a bay can be the same as: of its kind, on other pages, and each with words and a look of its own. */
export const canGive = (pages: Pages, pageId: string, { holds }: Pick<StoredBay, 'holds'>): BayRef[] =>
  Object.values(pages)
    .filter(({ id }) => id !== pageId && gives(pages, id))
    .flatMap(({ id, bays }) =>
      bays.filter((bay) => bay.holds === holds).map((bay) => ({ page: id, bay: bay.id })),
    )
    .filter((one) => sameRef(giverOfBay(pages, one), one));

/** The bay that one is told to be the same as: there, of the same kind, and of a kind that can be. */
function namedBy(pages: Pages, at: BayRef): BayRef | null {
  const bay = bayAt(pages, at);
  if (!bay?.sameAs || !isBayKind(bay.holds) || !bayKind(bay.holds).alike) return null;
  const giver = bayAt(pages, bay.sameAs);
  return giver?.holds === bay.holds && gives(pages, bay.sameAs.page) ? bay.sameAs : null;
}

/**
 * The bay that a bay has what it says and its look from: itself, where it is the same as no other, or as one that is
 * gone, or where they go round in a circle.
 */
export function giverOfBay(pages: Pages, of: BayRef): BayRef {
  return lastOf(of, (at) => namedBy(pages, at), keyOfBay);
}

/** The bays that are the same as one, on whatever page. */
export const sameAsThis = (pages: Pages, giver: BayRef): BayRef[] =>
  Object.values(pages).flatMap((page) =>
    page.bays
      .map((bay) => ({ page: page.id, bay: bay.id }))
      .filter((one) => !sameRef(one, giver) && sameRef(giverOfBay(pages, one), giver)),
  );

const withWordsOf = fromGiver<StoredBay>((key) => OWN.has(key));

/** A stored bay with what it has from the one that it is the same as; the very same while both are. */
export function asGiven(pages: Pages, pageId: string, stored: StoredBay): StoredBay {
  if (!stored.sameAs) return stored;
  const giver = bayAt(pages, giverOfBay(pages, { page: pageId, bay: stored.id }));
  return !giver || giver === stored ? stored : withWordsOf(giver, stored);
}

const pagesMade = new WeakMap<StoredPage, { bays: readonly StoredBay[]; page: StoredPage }>();

/** A stored page with what its bays have from those of others; the very same while all of them are. */
export function withGiven(pages: Pages, page: StoredPage): StoredPage {
  if (!page.bays.some(({ sameAs }) => sameAs)) return page;
  const bays = page.bays.map((bay) => asGiven(pages, page.id, bay));
  const known = pagesMade.get(page);
  if (known && bays.every((bay, i) => bay === known.bays[i])) return known.page;
  const next = { ...page, bays };
  pagesMade.set(page, { bays, page: next });
  return next;
}

/** The same bay with words and a look of its own, which are at first those that it has now. */
export function onItsOwn(pages: Pages, pageId: string, stored: StoredBay): StoredBay {
  const { sameAs: _, ...rest } = asGiven(pages, pageId, stored);
  return rest;
}

/** A change of a bay as it is meant: what the bay has from another is changed there. */
export function whereBayIsFrom(pages: Pages, command: Extract<Command, { do: 'set' }>): Command {
  const { on, setting } = command;
  if (!('page' in on) || on.bay === undefined || isOwnOfBay(setting)) return command;
  const giver = giverOfBay(pages, { page: on.page, bay: on.bay });
  return sameRef(giver, { page: on.page, bay: on.bay }) ? command : { ...command, on: giver };
}
