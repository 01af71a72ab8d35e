import { useMemo } from 'react';
import styled from 'styled-components';
import type { Change } from '../../core/change/change.ts';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { withKept } from '../../core/plan/reading.ts';
import { SignInAgain } from '../account/SignInAgain.tsx';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { Button, MainButton } from '../ui/Button.tsx';
import { Dialog, DialogFoot } from '../ui/Dialog.tsx';
import { t } from '../ui/theme.ts';

const Sides = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  overflow: auto;
  section {
    border: 1px solid ${t.line};
    border-radius: ${t.corner};
    padding: 12px 14px;
  }
  h3 {
    font: 600 14px/1.3 ${t.names};
    margin-bottom: 6px;
  }
  li + li {
    margin-top: 6px;
  }
  p {
    color: ${t.ink2};
  }
`;

function Side({ title, changes, none }: { title: string; changes: readonly Change[]; none: string }) {
  return (
    <section>
      <h3>{title}</h3>
      {changes.length === 0 && <p>{none}</p>}
      <ul>
        {changes.map((change) => (
          <li key={change.id}>
            {change.where}: {change.text}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Somebody else saved first: both sides are shown, and the person chooses. */
export function Stale() {
  const { draft } = useStudio();
  const saving = useDraft((state) => state.saving);
  const [plan, stored] = [useDraft((state) => state.draft), useDraft((state) => state.stored)];
  const names = useNames();
  const theirs = saving.state === 'stale' ? saving.theirs : null;
  const sides = useMemo(() => {
    if (!theirs) return null;
    const theirPlan = withKept(stored, theirs).plan;
    return { mine: changesBetween(stored, plan, names), theirs: changesBetween(stored, theirPlan, names) };
  }, [theirs, plan, stored, names]);
  if (saving.state === 'signedOut') return <SignInAgain />;
  if (!theirs || !sides) return null;
  const who = theirs.find((one) => one.savedBy)?.savedBy;
  const at = theirs
    .map((one) => one.savedAt ?? '')
    .sort()
    .at(-1);
  const time = at
    ? ` at ${new Date(at).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' })}`
    : '';
  return (
    <Dialog title="Changed in another window" open>
      <p>
        {who ?? 'Somebody'} saved{time} what you were working on. Nothing is lost: choose which of the two
        goes on. The other can still be had with Undo in its own window.
      </p>
      <Sides>
        <Side title="Yours" changes={sides.mine} none="Nothing that can be told apart." />
        <Side title="Theirs" changes={sides.theirs} none="The same as before." />
      </Sides>
      <DialogFoot>
        <Button onPress={() => draft.takeTheirs(theirs)}>Take theirs</Button>
        <MainButton onPress={() => draft.keepMine(theirs)}>Keep mine</MainButton>
      </DialogFoot>
    </Dialog>
  );
}
