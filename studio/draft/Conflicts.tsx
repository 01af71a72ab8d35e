import styled from 'styled-components';
import { sayConflict } from '../../core/merge/say.ts';
import { counted } from '../../core/sentence/sentence.ts';
import { useDraft, useNames, useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Box = styled.section`
  position: fixed;
  inset-block-end: 50px;
  inset-inline-end: 16px;
  z-index: 20;
  width: min(460px, calc(100vw - 32px));
  max-height: 50vh;
  overflow: auto;
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  box-shadow: 0 8px 28px rgb(0 0 0 / 16%);
  padding: 12px 14px;
  h2 {
    font: 600 14px/1.3 ${t.names};
  }
  h2 + p {
    color: ${t.ink2};
  }
  li {
    padding-top: 9px;
    margin-top: 9px;
    border-top: 1px solid ${t.line};
  }
  b {
    font-weight: 600;
  }
  .choose {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
`;

/** What somebody else changed too, with both values. Nothing waits for the answer but these settings. */
export function Conflicts() {
  const { draft } = useStudio();
  const conflicts = useDraft((state) => state.conflicts);
  const mine = useDraft((state) => state.draft);
  const stored = useDraft((state) => state.stored);
  const names = useNames();
  return (
    <Box aria-labelledby="conflicts" role="region">
      <h2 id="conflicts">Also changed by somebody else</h2>
      <p role="status">
        {counted(conflicts.length, 'setting')} to choose. Your work goes on; this is not published before.
      </p>
      <ul aria-label="Changed by both">
        {conflicts.map((conflict) => {
          const said = sayConflict(conflict, mine, stored, names);
          return (
            <li key={conflict.id}>
              <b>{said.where}</b>: {said.what}
              <div className="choose">
                <Button onPress={() => draft.keepMine(conflict)}>Keep mine: {said.mine}</Button>
                <Button onPress={() => draft.takeTheirs(conflict)}>Take theirs: {said.theirs}</Button>
              </div>
            </li>
          );
        })}
      </ul>
    </Box>
  );
}
