import { valueAt } from '../../../../core/bands/varying.ts';
import { isUsed } from '../../../../core/forms/index.ts';
import type { Shelf } from '../../../../core/plan/shelf.ts';
import type { ShelfView } from '../../../../core/view/view.ts';
import { useDraft } from '../../../studioContext.tsx';
import type { Section } from './section.ts';

/** What the forms of a shelf go by, of the sections of one line of the spec. */
export function FormSections({
  sections,
  shelf,
  view,
}: {
  sections: readonly Section[];
  shelf: Shelf;
  view: ShelfView | null;
}) {
  const bands = useDraft((state) => state.plan.house.bands);
  return sections.map(({ of, Controls }) => {
    const at = bands
      .filter((band) => isUsed(of, [valueAt(shelf.form, bands, band.id)]))
      .map((band) => band.id);
    return at.length ? (
      <Controls key={of} shelf={shelf} on={{ shelf: shelf.id }} view={view} at={at} />
    ) : null;
  });
}
