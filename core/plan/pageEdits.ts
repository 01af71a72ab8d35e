import { freeSlugOf, slugOf } from '../catalogue/slugOf.ts';
import { pageFor, pageKind } from '../pages/index.ts';
import { ownPage } from '../pages/own.ts';
import { copyOf, type Command } from './commands.ts';
import type { Page, StoredPage } from './page.ts';
import type { PageContent } from './pageTemplates/pageTemplate.ts';
import { shelvesOf } from './places.ts';
import { completePlan, type StoredPlan } from './storedPlan.ts';
import { LONGEST_NAME } from './words.ts';

/** The page of the owner's own that is at an address, deleted ones left aside; undefined where it is free. */
export const pageAt = (plan: StoredPlan, slug: string): Page | undefined =>
  pageFor(completePlan(plan), ownPage, slug);

/** An address that is free: the one wanted, or that with a number. */
export const freeSlug = (plan: StoredPlan, wanted: string): string =>
  freeSlugOf(wanted || 'page', (slug) => pageAt(plan, slug) !== undefined);

/** Puts a page of the owner's own into the plan. */
export const addPage = (
  page: Omit<StoredPage, 'kind' | 'bays'>,
  { bays, shelves }: PageContent,
): Command => ({
  do: 'together',
  commands: [
    { do: 'putDocument', key: `page:${page.id}`, document: { ...page, kind: ownPage.id, bays } },
    { do: 'settleShelves', add: shelves, drop: [] },
  ],
});

/** Puts what a template makes in place of everything on a page. */
export const startOver = (page: StoredPage, { bays, shelves }: PageContent): Command => ({
  do: 'together',
  commands: [
    { do: 'putDocument', key: `page:${page.id}`, document: { ...page, bays } },
    { do: 'settleShelves', add: shelves, drop: page.bays.flatMap((bay) => [...shelvesOf(bay)]) },
  ],
});

/** Ids of everything of a page that a copy of it needs another for. */
export const idsIn = ({ bays }: StoredPage): string[] => [
  ...bays.map(({ id }) => id),
  ...bays.flatMap((bay) => [...shelvesOf(bay)]),
];

/**
 * A copy of a page as one of the owner's own, with copies of its bays and shelves.
 * @param ids by what each is a copy of, and the page's under its own
 */
export function copyOfPage(
  plan: StoredPlan,
  page: StoredPage,
  ids: Readonly<Record<string, string>>,
): Command {
  const name = `${page.name ?? 'Page'} (copy)`.slice(0, LONGEST_NAME);
  const copies = page.bays.map((bay) => copyOf(bay, plan.shelves, ids));
  const { direction, unlisted } = page;
  return addPage(
    {
      id: ids[page.id]!,
      name,
      slug: freeSlug(plan, slugOf(name)),
      ...(direction && { direction }),
      ...(unlisted && { unlisted }),
    },
    { bays: copies.map(({ bay }) => bay), shelves: copies.flatMap(({ shelves }) => shelves) },
  );
}

/**
 * A copy of the page of all of a kind, for one thing alone; its shelves are copies too, so that both go their own way.
 * @param ids by what each is a copy of, and the page's under its own
 */
export function arrangeOne(
  plan: StoredPlan,
  page: StoredPage,
  { about, name }: { about: number; name: string },
  ids: Readonly<Record<string, string>>,
): Command {
  const copies = page.bays.map((bay) => copyOf(bay, plan.shelves, ids));
  const id = ids[page.id]!;
  const named = `${pageKind(page.kind).name}: ${name}`.slice(0, LONGEST_NAME);
  const document = { ...page, id, name: named, about, bays: copies.map(({ bay }) => bay) };
  return {
    do: 'together',
    commands: [
      { do: 'putDocument', key: `page:${id}`, document },
      { do: 'settleShelves', add: copies.flatMap(({ shelves }) => shelves), drop: [] },
    ],
  };
}

/** Deletes a page of the owner's own for now. */
export const removePage = (page: string): Command => ({
  do: 'set',
  on: { page },
  setting: 'removed',
  value: true,
});

/** Brings one back, at its address, or at another where that has been taken meanwhile. */
export function bringBack(plan: StoredPlan, { id, slug = '' }: StoredPage): Command {
  const free = freeSlug(plan, slug);
  const on = { page: id };
  return {
    do: 'together',
    commands: [
      ...(free === slug ? [] : [{ do: 'set', on, setting: 'slug', value: free } as const]),
      { do: 'set', on, setting: 'removed', value: undefined },
    ],
  };
}

/** Deletes one for good, with the shelves that only it shows. */
export const dropPage = (page: { id: string; bays: readonly { holds: string }[] }): Command => ({
  do: 'together',
  commands: [
    { do: 'putDocument', key: `page:${page.id}`, document: null },
    { do: 'settleShelves', add: [], drop: page.bays.flatMap((bay) => [...shelvesOf(bay)]) },
  ],
});
