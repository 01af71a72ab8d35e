import type { Bay } from '../../../core/bays/index.ts';
import { giverOf, isOwnSetting } from '../../../core/plan/like.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import { giverOfBay, isOwnOfBay, sameRef } from '../../../core/plan/sameAs.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import type { StoredPlan } from '../../../core/plan/storedPlan.ts';
import { subjectOf, type Subject, type Target } from '../../../core/plan/target.ts';

/** What the spec is about: the bay, and the shelf that is chosen of it. */
export interface About {
  on: Target;
  subject: Subject;
  /** The same, complete. */
  document: object;
  shelf: Shelf | null;
}

interface Shown {
  on: Target;
  document: object;
  shelf: Shelf | null;
  /** Whether a setting is set here; absent for all. */
  has?(id: string): boolean;
}

/** A shelf, and where its layout and look are set, if it has those from another. */
function ofShelf({ shelves }: StoredPlan, shelf: Shelf): Shown[] {
  const giver = giverOf(shelves, shelf.id);
  const own: Shown = { on: { shelf: shelf.id }, document: shelf, shelf };
  return giver === shelf.id
    ? [own]
    : [
        { ...own, has: isOwnSetting },
        { ...own, on: { shelf: giver }, has: (id) => !isOwnSetting(id) },
      ];
}

/** A bay, and where its words and its look are set, if it has those from another. */
function ofBay({ pages }: StoredPlan, pageId: string, bay: Bay): Shown[] {
  const ref = { page: pageId, bay: bay.id };
  const giver = giverOfBay(pages, ref);
  const own: Shown = { on: ref, document: bay, shelf: null };
  return sameRef(giver, ref)
    ? [own]
    : [
        { ...own, has: isOwnOfBay },
        { ...own, on: giver, has: (id) => !isOwnOfBay(id) },
      ];
}

/** The bay and its shelf with all that can be set of them; with no bay, the page and the whole store. */
export function aboutOf(
  stored: StoredPlan,
  { house }: Pick<Plan, 'house'>,
  page: Page,
  bay: Bay | null,
  shelf: Shelf | null,
): About[] {
  const targets: Shown[] = bay
    ? [...ofBay(stored, page.id, bay), ...(shelf ? ofShelf(stored, shelf) : [])]
    : [
        { on: { page: page.id }, document: page, shelf: null },
        { on: { house: true }, document: house, shelf: null },
      ];
  return targets.flatMap(({ has, ...one }) => {
    const subject = subjectOf(stored, one.on);
    if (!subject) return [];
    const settings = has ? subject.settings.filter(({ id }) => has(id)) : subject.settings;
    return [{ ...one, subject: { ...subject, settings } }];
  });
}
