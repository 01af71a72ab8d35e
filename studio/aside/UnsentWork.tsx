import { useDeferredValue, useMemo, useState } from 'react';
import { sayPlace } from '../../core/change/change.ts';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { counted } from '../../core/sentence/sentence.ts';
import type { UnsentWork as Work } from '../draft/kept/unsent.ts';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { Button, MainButton, QuietButton } from '../ui/Button.tsx';
import { Aside } from './Aside.tsx';

/** Most changes that are told of each window; the others are counted. */
const MOST_TOLD = 6;

const when = (at: number) =>
  new Date(at).toLocaleString([], {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });

/** What one window left, as it would change the draft that is here now. */
function Left({ work, onDone }: { work: Work; onDone(): void }) {
  const { draft, keep, keepNow } = useStudio();
  const now = useDraft((state) => state.draft);
  const names = useNames();
  const [sure, setSure] = useState(false);
  // What it would change may be said a moment after an edit was painted.
  const late = useDeferredValue(now);
  const { changes, conflicts, unreadable } = useMemo(() => {
    const { plan, ...rest } = draft.withUnsent(work.documents, late);
    return { ...rest, changes: changesBetween(late, plan, names) };
  }, [draft, work, late, names]);
  const more = changes.length - MOST_TOLD;
  const done = async () => {
    await keep.remove(work.window);
    onDone();
  };
  const add = async () => {
    draft.takeUp(work.documents);
    // It is kept as this window's before it is no longer kept as the other's.
    await keepNow();
    await done();
  };
  return (
    <li>
      <b>Last changed {when(work.at)}</b>
      {unreadable.length > 0 && (
        <p>It cannot be read by this version of Wide Shelf: {unreadable[0]!.message}</p>
      )}
      {unreadable.length === 0 && (
        <ul aria-label="Changes">
          {changes.slice(0, MOST_TOLD).map(({ id, place, text }) => (
            <li key={id}>
              {sayPlace(place)}: {text}
            </li>
          ))}
          {more > 0 && <li>and {counted(more, 'other change')}</li>}
          {conflicts.length > 0 && (
            <li>{counted(conflicts.length, 'setting')} changed since by somebody else: you choose</li>
          )}
          {changes.length + conflicts.length === 0 && <li>All of it is in the draft already.</li>}
        </ul>
      )}
      <div className="choose">
        {unreadable.length === 0 && <MainButton onPress={() => void add()}>Add to the draft</MainButton>}
        <Button onPress={onDone}>Not now</Button>
        <QuietButton onPress={() => (sure ? void done() : setSure(true))}>
          {sure ? 'Discard for good' : 'Discard'}
        </QuietButton>
      </div>
    </li>
  );
}

/** Work of windows that ended before it was saved, offered to the account that did it. */
export function UnsentWork() {
  const { keep } = useStudio();
  const [left, setLeft] = useState(keep.left);
  if (left.length === 0) return null;
  return (
    <Aside
      title="Work that was not saved"
      about={
        left.length === 1
          ? 'A window was closed before its work reached the server.'
          : `${left.length} windows were closed before their work reached the server.`
      }
    >
      <ul>
        {left.map((work) => (
          <Left
            key={work.window}
            work={work}
            onDone={() => setLeft((all) => all.filter((one) => one !== work))}
          />
        ))}
      </ul>
    </Aside>
  );
}
