import { tabName, type TabItem } from '../bays/tabItem.ts';
import { pageKind } from '../pages/index.ts';
import { bayKind, isBayKind, type Bay } from '../bays/index.ts';
import type { Plan } from './plan.ts';

/** Ids of the shelves that a bay holds, in a plan or a stored one. */
export const shelvesOf = (bay: { holds: string }): readonly string[] =>
  isBayKind(bay.holds) ? bayKind(bay.holds).shelves(bay as never) : [];

/** Ids of the stored pictures that a bay uses itself. */
export const picturesOf = (bay: Bay): readonly string[] => bayKind(bay.holds).pictures(bay as never);

/** The same bay with other shelves in the place of some. */
export const withShelves = <B extends { holds: string }>(bay: B, others: ReadonlyMap<string, string>): B =>
  isBayKind(bay.holds) ? bayKind(bay.holds).withShelves(bay as never, others) : bay;

/** What a bay is called in sentences. */
export const bayName = (bay: Bay, plan: Plan): string => bayKind(bay.holds).named(bay as never, plan);

/** Names of bays, of whatever page they are. */
export const bayNames =
  (plan: Plan) =>
  (id: string): string | undefined => {
    for (const { bays } of Object.values(plan.pages)) {
      const found = bays.find((bay) => bay.id === id);
      if (found) return bayName(found, plan);
    }
    return undefined;
  };

/** The tabs of a bay with what each is called; none where it has none. */
export function tabsOf(bay: Bay, plan: Plan): (TabItem & { called: string })[] {
  const tabs = bayKind(bay.holds).tabs?.(bay as never) ?? [];
  return tabs.map((tab, i) => ({ ...tab, called: tabName(tab, i, (id) => plan.shelves[id]?.name) }));
}

interface WithPages<P> {
  pages: Readonly<Record<string, P>>;
}

/** Where a shelf is shown. */
export function placesOf<P extends { bays: readonly { id: string; holds: string }[] }>(
  { pages }: WithPages<P>,
  shelfId: string,
): { page: P; bayId: string }[] {
  return Object.values(pages).flatMap((page) =>
    page.bays.filter((bay) => shelvesOf(bay).includes(shelfId)).map((bay) => ({ page, bayId: bay.id })),
  );
}

/** Id of the working copy of a shelf while another way is tried beside it; it is on no page. */
export const otherWayOf = (shelfId: string): string => `other-${shelfId}`.slice(0, 60);

/** A plan as shoppers may see it: without working copies, which are on no page, and without bays that are kept for later. */
export function asShoppersSee<
  P extends WithPages<{ kind: string; bays: readonly { id: string; holds: string }[] }> & {
    shelves: Readonly<Record<string, unknown>>;
  },
>(plan: P): P {
  const seen = Object.entries(plan.pages).filter(([, { kind }]) => !pageKind(kind).kept);
  const shown = new Set(seen.flatMap(([, page]) => page.bays.flatMap((bay) => [...shelvesOf(bay)])));
  const shelves = Object.fromEntries(Object.entries(plan.shelves).filter(([id]) => shown.has(id)));
  return { ...plan, pages: Object.fromEntries(seen), shelves };
}
