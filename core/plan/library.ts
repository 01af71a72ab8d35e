import { pageKind } from '../pages/index.ts';
import { library } from '../pages/library.ts';
import { copyOf, type Command } from './commands.ts';
import type { StoredPage } from './page.ts';
import { MOST_BAYS } from './page.ts';
import type { StoredPlan } from './storedPlan.ts';

/** Where bays are kept so that they can be put into any page; undefined while none is. */
export const libraryOf = (plan: Pick<StoredPlan, 'pages'>): StoredPage | undefined =>
  Object.values(plan.pages).find(({ kind }) => pageKind(kind).kept);

/** Whether one more bay can be kept. */
export const canKeep = (plan: StoredPlan): boolean => (libraryOf(plan)?.bays.length ?? 0) < MOST_BAYS;

/**
 * Keeps a copy of a bay in the library, with copies of its shelves: what is changed on the page later does not change it.
 * @param ids by what each is a copy of: for the bay, and for each of its shelves
 * @throws RangeError where there is no such bay
 */
export function keepBay(
  plan: StoredPlan,
  pageId: string,
  bayId: string,
  ids: Readonly<Record<string, string>>,
): Command {
  const bay = plan.pages[pageId]?.bays.find(({ id }) => id === bayId);
  if (!bay) throw new RangeError(`There is no bay "${bayId}".`);
  const { id, name } = library;
  const there = libraryOf(plan);
  const page: StoredPage = there ?? { id, kind: id, name, bays: [] };
  const commands: Command[] = [
    ...(there ? [] : [{ do: 'putDocument', key: `page:${id}`, document: page } as const]),
    { do: 'addBay', page: page.id, at: page.bays.length, ...copyOf(bay, plan.shelves, ids) },
  ];
  return { do: 'together', commands };
}
