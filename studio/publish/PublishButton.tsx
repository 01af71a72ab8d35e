import { lazy, Suspense, useState, type RefObject } from 'react';
import { counted } from '../../core/sentence/sentence.ts';
import { TapeButton } from '../ui/Button.tsx';
import { useChanges } from './useChanges.ts';

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
  const { changes, first } = useChanges();
  const [publishing, setPublishing] = useState(false);
  return (
    <>
      <TapeButton isDisabled={changes.length === 0} onPress={() => setPublishing(true)}>
        {changes.length ? `Publish ${counted(changes.length, 'change')}` : 'Nothing to publish'}
      </TapeButton>
      <Suspense fallback={null}>
        {publishing && (
          <Publish
            open
            first={first}
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
