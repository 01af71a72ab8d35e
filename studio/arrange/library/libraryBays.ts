import { bayKind, type StoredBay } from '../../../core/bays/index.ts';
import type { Bands } from '../../../core/bands/bands.ts';
import { fold } from '../../../core/catalogue/fold.ts';
import { isEdge, pageKind } from '../../../core/pages/index.ts';
import { copyOf } from '../../../core/plan/commands.ts';
import { bayName, shelvesOf } from '../../../core/plan/places.ts';
import { readyBaysFor } from '../../../core/plan/readyBays/index.ts';
import { READY_GROUPS, type MadeBay } from '../../../core/plan/readyBays/readyBay.ts';
import { isRemoved, type Page, type StoredPage } from '../../../core/plan/page.ts';
import { completePlan, type StoredPlan } from '../../../core/plan/storedPlan.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import { newIds } from '../elevation/newId.ts';

/** What the bays of the library are grouped by, in the order shown. */
export const LIBRARY_GROUPS = {
  ...READY_GROUPS,
  saved: 'Your saved bays',
  pages: 'From other pages',
} as const;
export type LibraryGroup = keyof typeof LIBRARY_GROUPS;

/** A bay that can be put into a page, as an example of its own that stands on none. */
export interface LibraryBay extends MadeBay {
  /** Id of its example. */
  id: string;
  group: LibraryGroup;
  name: string;
  /** What it is for, or where it is. */
  about: string;
}

/** Ids of examples end so: no id that is made anew does. */
const EXAMPLE = '-0';

/** What can stand on a page, or in the header or footer. */
export const addableTo = (page: { kind: string }) => (bay: { holds: string }) => {
  const { addable, aroundPages = false, on } = bayKind(bay.holds);
  return isEdge(page) ? aroundPages : addable && (on === undefined || on.includes(page.kind));
};

/** Every bay that can be put into a page: ready-made ones, those that were saved, and copies from other pages. */
export function libraryBays(stored: StoredPlan, bands: Bands, page: StoredPage | Page): LibraryBay[] {
  const fits = addableTo(page);
  const ready = (isEdge(page) ? [] : readyBaysFor(page.kind)).map((one): LibraryBay => {
    const made = one.make(`${one.id}${EXAMPLE}`, bands);
    return { id: made.bay.id, group: one.group, name: one.heading, about: one.about, ...made };
  });
  const plan = completePlan(stored);
  const others = Object.values(stored.pages).filter((one) => one.id !== page.id && !isRemoved(one));
  const copies = others.flatMap((one, i) => {
    const { kept = false } = pageKind(one.kind);
    return one.bays.filter(fits).map((bay): LibraryBay => {
      const example = (id: string) => `${id.slice(0, 50)}${EXAMPLE}p${i}`;
      const ids = Object.fromEntries([bay.id, ...shelvesOf(bay)].map((id) => [id, example(id)]));
      return {
        id: example(bay.id),
        group: kept ? 'saved' : 'pages',
        name: nameOf(bay, plan, one.id),
        about: kept ? bayKind(bay.holds).name : `On ${plan.pages[one.id]?.name ?? one.id}`,
        ...copyOf(bay, stored.shelves, ids),
      };
    });
  });
  return [...ready, ...copies];
}

const nameOf = (bay: StoredBay, plan: Plan, pageId: string): string => {
  const whole = plan.pages[pageId]?.bays.find(({ id }) => id === bay.id);
  return whole ? bayName(whole, plan) : bayKind(bay.holds).name;
};

/** Those with all the words that were typed, in the name, in what they are for, or in what they are grouped by. */
export function findBays(typed: string, among: readonly LibraryBay[]): LibraryBay[] {
  const words = fold(typed).split(/\s+/).filter(Boolean);
  return among.filter(({ name, about, group, bay }) => {
    const all = fold(`${name} ${about} ${LIBRARY_GROUPS[group]} ${bayKind(bay.holds).name}`);
    return words.every((word) => all.includes(word));
  });
}

/** A bay of the library with ids that nothing in the plan has. */
export const madeFrom = ({ bay, shelves }: MadeBay, plan: Plan): MadeBay =>
  copyOf(
    bay,
    Object.fromEntries(shelves.map((shelf) => [shelf.id, shelf])),
    newIds([bay.id, ...shelvesOf(bay)], plan),
  );
