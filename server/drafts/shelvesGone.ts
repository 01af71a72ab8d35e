import { shelvesOf } from '../../core/plan/places.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';

/** Bays that show a shelf which was removed, each with it: what two saves that meet can lead to, and nobody wants. */
export const shelvesGone = ({ pages }: StoredPlan, isRemoved: (shelf: string) => boolean): Set<string> =>
  new Set(
    Object.values(pages).flatMap((page) =>
      page.bays.flatMap((bay) =>
        shelvesOf(bay)
          .filter(isRemoved)
          .map((shelf) => `${page.id} ${bay.id} ${shelf}`),
      ),
    ),
  );
