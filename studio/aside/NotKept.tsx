import { useEffect } from 'react';
import { useStore } from 'zustand';
import type { KeepFault } from '../draft/kept/keep.ts';
import { useDraft, useStudio } from '../studioContext.tsx';
import { Aside } from './Aside.tsx';

const words: Record<KeepFault, string> = {
  full: 'Its storage is full. Free some space, for example by removing the data of sites that you no longer use.',
  blocked:
    'Another window has a different version of Wide Shelf open. Close the other windows and load this page again.',
  unavailable: 'Its settings, or a private window, do not let it.',
};

/** This browser keeps nothing while the server cannot be reached; saving to the server goes on. */
export function NotKept() {
  const { keep, draft } = useStudio();
  const fault = useStore(keep.fault);
  const away = useDraft(({ saving }) => saving.state === 'away');
  useEffect(() => {
    if (!fault) return undefined;
    const ask = (event: BeforeUnloadEvent) => {
      if (draft.unsent().length) event.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [fault, draft]);
  if (!fault) return null;
  return (
    <Aside
      title="This browser cannot keep unsaved work"
      about={
        <>
          {words[fault]}{' '}
          {away
            ? 'The server cannot be reached, so keep this window open until it is back.'
            : 'Your changes are saved to the server as you make them.'}
        </>
      }
    />
  );
}
