import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import type { Change } from '../../core/change/change.ts';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import { asShoppersSee } from '../../core/plan/places.ts';
import { readPlan } from '../../core/plan/reading.ts';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import { liveQuery } from '../api/live.ts';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';

export interface Changes {
  /** What shoppers do not see yet. */
  changes: readonly Change[];
  /** What they see; undefined while it is fetched, nothing where nothing was ever published. */
  released: StoredPlan | undefined;
  /** Nothing was ever published. */
  first: boolean;
}

/** What differs from what shoppers see. It may be said a moment after it was painted. */
export function useChanges(): Changes {
  const { client } = useStudio();
  const stored = useDraft(({ draft }) => draft);
  const names = useNames();
  const live = useQuery(liveQuery(client));
  // Before anything is published everything is new.
  const released = useMemo(
    () => live.data && (live.data.live ? asShoppersSee(readPlan(live.data.live.plan).plan) : emptyPlan),
    [live.data],
  );
  const [late, lateNames] = [useDeferredValue(stored), useDeferredValue(names)];
  const changes = useMemo(
    () => (released ? changesBetween(released, asShoppersSee(late), lateNames) : []),
    [released, late, lateNames],
  );
  return { changes, released, first: live.data?.live === null };
}
