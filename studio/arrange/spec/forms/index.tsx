import { valueAt } from '../../../../core/bands/varying.ts';
import { isUsed } from '../../../../core/forms/index.ts';
import type { Shelf } from '../../../../core/plan/shelf.ts';
import type { ShelfView } from '../../../../core/view/view.ts';
import { useDraft } from '../../../studioContext.tsx';
import { cardFrame } from './cardFrame.tsx';
import { textOver, textSide, textWhen } from './cardText.tsx';
import { lastRow, lastRowAlign } from './LastRow.tsx';
import { moving } from './Moving.tsx';
import type { Section } from './section.ts';
import { equalHeights, listPicture, slideHeight, spread, visible } from './sizes.tsx';

const sections: readonly Section[] = [
  visible,
  listPicture,
  spread,
  slideHeight,
  equalHeights,
  lastRow,
  lastRowAlign,
  moving,
  textSide,
  textOver,
  textWhen,
  cardFrame,
];

/** What the forms of a shelf go by, on one line of the spec. */
export function FormSections({
  line,
  shelf,
  view,
}: {
  line: Section['line'];
  shelf: Shelf;
  view: ShelfView | null;
}) {
  const bands = useDraft((state) => state.plan.house.bands);
  return sections.map(({ of, line: its, Controls }) => {
    if (its !== line) return null;
    const at = bands
      .filter((band) => isUsed(of, [valueAt(shelf.form, bands, band.id)]))
      .map((band) => band.id);
    return at.length ? (
      <Controls key={of} shelf={shelf} on={{ shelf: shelf.id }} view={view} at={at} />
    ) : null;
  });
}
