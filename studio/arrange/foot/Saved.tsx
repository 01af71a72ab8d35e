import styled from 'styled-components';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button, QuietButton } from '../../ui/Button.tsx';
import { t } from '../../ui/theme.ts';

const Line = styled.p`
  color: ${t.ink2};
  white-space: nowrap;
  display: flex;
  align-items: center;
  gap: 8px;
  &.away {
    color: ${t.amber};
    background: ${t.amberSoft};
    border-radius: ${t.corner};
    padding: 3px 9px;
  }
  &.refused {
    color: ${t.brick};
    background: ${t.brickSoft};
    border-radius: ${t.corner};
    padding: 3px 9px;
    white-space: normal;
  }
`;

const clock = (iso: string) =>
  new Date(iso).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });

/** When the draft was last saved, or why it is not. */
export function Saved() {
  const { draft, saveNow } = useStudio();
  const saving = useDraft((state) => state.saving);
  const savedAt = useDraft((state) => state.savedAt);
  if (saving.state === 'away')
    return (
      <Line className="away" role="status">
        Cannot reach the server. Your changes are kept here and sent when it is back.
      </Line>
    );
  if (saving.state === 'refused')
    return (
      <Line className="refused" role="alert">
        Not saved: {saving.message}
        <Button onPress={() => draft.undo()}>Undo</Button>
        <QuietButton onPress={() => void saveNow()}>Try again</QuietButton>
      </Line>
    );
  if (saving.state === 'updated')
    return (
      <Line className="away" role="status">
        Kept in this browser
      </Line>
    );
  return (
    <Line role="status">
      {saving.state === 'saved' ? (savedAt ? `Saved ${clock(savedAt)}` : 'Saved') : 'Saving…'}
    </Line>
  );
}
