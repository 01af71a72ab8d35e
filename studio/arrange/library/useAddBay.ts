import { everywhere } from '../../../core/bands/varying.ts';
import { bayKind } from '../../../core/bays/index.ts';
import { isEdge } from '../../../core/pages/index.ts';
import type { MadeBay } from '../../../core/plan/readyBays/readyBay.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import { visibilityLine } from '../../../core/spec/visibility.ts';
import { useStudio } from '../../studioContext.tsx';
import { useArranging } from '../arrangeContext.tsx';

/** Puts a bay into the page, and goes to what of it is to be typed over first. */
export function useAddBay(): (made: MadeBay, at: number) => void {
  const { draft } = useStudio();
  const { page, choose, openLine } = useArranging();
  return ({ bay, shelves }, at) => {
    // In a row of the header or the footer a bay needs no space of its own.
    const none = everywhere(draft.getState().plan.house.bands, 0);
    const placed = isEdge(page) ? { ...bay, look: { ...bay.look, above: none, below: none } } : bay;
    draft.run({ do: 'addBay', page: page.id, at, bay: placed, shelves });
    choose(bay.id);
    // Its heading, or its first text, is ready to be typed over; else what it begins with is set.
    const { settings } = subjectOf(draft.getState().draft, { page: page.id, bay: bay.id })!;
    const [begins] = bayKind(bay.holds).spec;
    const texts = settings.filter(
      ({ kind, line }) => kind.control.is === 'text' && line !== visibilityLine.id,
    );
    const first =
      texts.find(({ id }) => id === 'heading.words') ??
      texts[0] ??
      settings.find(({ line }) => line === begins?.id);
    if (first) openLine(first.line, first.id);
  };
}
