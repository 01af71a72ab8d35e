import type { Bay } from '../../../core/bays/index.ts';
import type { Page } from '../../../core/plan/page.ts';
import type { Plan } from '../../../core/plan/plan.ts';
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

/** The bay and its shelf with all that can be set of them; with no bay, the page and the whole store. */
export function aboutOf(
  stored: StoredPlan,
  { house }: Pick<Plan, 'house'>,
  page: Page,
  bay: Bay | null,
  shelf: Shelf | null,
): About[] {
  const targets: { on: Target; document: object; shelf: Shelf | null }[] = bay
    ? [
        { on: { page: page.id, bay: bay.id }, document: bay, shelf: null },
        ...(shelf ? [{ on: { shelf: shelf.id }, document: shelf, shelf }] : []),
      ]
    : [
        { on: { page: page.id }, document: page, shelf: null },
        { on: { house: true }, document: house, shelf: null },
      ];
  return targets.flatMap((one) => {
    const subject = subjectOf(stored, one.on);
    return subject ? [{ ...one, subject }] : [];
  });
}
