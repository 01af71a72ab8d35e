import { isPicked } from '../../../core/assortment/picked.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { subjectOf } from '../../../core/plan/target.ts';
import type { ShelfView } from '../../../core/view/view.ts';
import { withPin } from '../../assortments/byHand.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { useArranging } from '../arrangeContext.tsx';
import type { Dropped } from './dragging.ts';
import { settingPressed } from './pressed.ts';

export interface NearFrame {
  /** Opens the setting that draws what was pressed. */
  openPressed(bayId: string, shelfId: string | undefined, target: Element): void;
  /** Shelves of the chosen bay whose products somebody chose by hand, so that their order is somebody's too. */
  drags: readonly string[];
  /** Pins a product at the place that it was dropped onto. */
  dropped(card: Dropped): void;
}

/** What can be done in a frame that was brought near. */
export function useNearFrame(pageId: string, shelves: readonly ShelfView[]): NearFrame {
  const { draft } = useStudio();
  const { openLine } = useArranging();
  const plan = useDraft((state) => state.plan);
  return {
    openPressed(bayId, shelfId, target) {
      const stored = draft.getState().draft;
      const settings = [
        ...(shelfId === undefined ? [] : (subjectOf(stored, { shelf: shelfId })?.settings ?? [])),
        ...(subjectOf(stored, { page: pageId, bay: bayId })?.settings ?? []),
      ];
      const setting = settingPressed(target, settings);
      if (setting) openLine(setting.line, setting.id);
    },
    drags: shelves.flatMap(({ id }) => {
      const shelf = plan.shelves[id];
      const assortment = shelf && assortmentOf(plan, shelf);
      return assortment?.of === 'products' && isPicked(assortment) ? [id] : [];
    }),
    dropped({ shelf: id, item, place }) {
      const shelf = plan.shelves[id];
      const assortment = shelf && assortmentOf(plan, shelf);
      if (assortment?.of !== 'products') return;
      draft.run({
        do: 'set',
        on: shelf!.assortmentId === null ? { shelf: id } : { assortment: shelf!.assortmentId },
        setting: 'assortment.byHand',
        value: withPin(assortment.byHand, item, place + 1),
      });
    },
  };
}
