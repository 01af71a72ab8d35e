import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useDeferredValue, useMemo, useState, type RefObject } from 'react';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { emptyPlan } from '../../core/plan/documents.ts';
import { withoutTrials } from '../../core/plan/places.ts';
import { readPlan } from '../../core/plan/reading.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { liveQuery } from '../api/live.ts';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { TapeButton } from '../ui/Button.tsx';

/** Fetched once there is something to ask. */
const Publish = lazy(() => import('./Publish.tsx').then((module) => ({ default: module.Publish })));

/** How long a dialog that has closed takes to give the focus back, ms. */
const FOCUS_BACK_MS = 100;

/** How many changes shoppers do not see yet, and the way to publish them. */
export function PublishButton({
  after,
}: {
  /** Where the focus goes then. */ after: RefObject<HTMLElement | null>;
}) {
  const { client } = useStudio();
  const stored = useDraft(({ draft }) => draft);
  const names = useNames();
  const live = useQuery(liveQuery(client));
  const [publishing, setPublishing] = useState(false);
  // Before anything is published everything is new.
  const released = useMemo(
    () => live.data && (live.data.live ? withoutTrials(readPlan(live.data.live.plan).plan) : emptyPlan),
    [live.data],
  );
  // What has changed may be said a moment after it was painted.
  const [late, lateNames] = [useDeferredValue(stored), useDeferredValue(names)];
  const changes = useMemo(
    () => (released ? changesBetween(released, withoutTrials(late), lateNames) : []),
    [released, late, lateNames],
  );
  return (
    <>
      <TapeButton isDisabled={changes.length === 0} onPress={() => setPublishing(true)}>
        {changes.length ? `Publish ${counted(changes.length, 'change')}` : 'Nothing to publish'}
      </TapeButton>
      <Suspense fallback={null}>
        {publishing && (
          <Publish
            open
            first={live.data?.live === null}
            changes={changes}
            onClose={() => {
              setPublishing(false);
              // The button that opened it can do nothing more once all is published, and cannot have the focus back.
              setTimeout(() => {
                if (document.activeElement === document.body) after.current?.focus();
              }, FOCUS_BACK_MS);
            }}
          />
        )}
      </Suspense>
    </>
  );
}
