import { X } from 'lucide-react';
import { Label, ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { useStore } from 'zustand';
import { counted } from '../../core/sentence/sentence.ts';
import { useStudio } from '../studioContext.tsx';
import { Button, QuietButton } from '../ui/Button.tsx';
import { t } from '../ui/theme.ts';

const Box = styled.section`
  background: ${t.paper};
  border: 1px solid ${t.line};
  border-radius: ${t.corner};
  padding: 9px 12px;
  display: grid;
  gap: 7px;
  .top {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  .top > :first-child {
    flex: 1;
  }
  .bar {
    height: 6px;
    border-radius: 3px;
    background: ${t.line};
    overflow: hidden;
    margin-top: 5px;
  }
  .bar div {
    height: 100%;
    background: ${t.pine};
  }
  ul {
    margin: 0;
    padding: 0;
    list-style: none;
    display: grid;
    gap: 3px;
    max-height: 150px;
    overflow: auto;
  }
  li {
    overflow-wrap: anywhere;
  }
  li b {
    font-weight: 600;
  }
`;

/** How far the pictures on their way are, and what became of them. Draws nothing where there were none. */
export function UploadProgress() {
  const { uploads } = useStudio();
  const { total, done, bytes, bytesDone, added, wereThere, refused } = useStore(uploads);
  if (total === 0) return null;
  const going = done < total;
  const share = bytes === 0 ? 0 : (100 * bytesDone) / bytes;
  return (
    <Box aria-label="Pictures that are sent">
      <div className="top">
        {going ? (
          <ProgressBar value={share} valueLabel={`${done} of ${total}`}>
            <Label>
              Sending {counted(total, 'picture')}: {done} done
            </Label>
            <div className="bar">
              <div style={{ width: `${share}%` }} />
            </div>
          </ProgressBar>
        ) : (
          <p role="status">
            {[
              added > 0 && `${counted(added, 'picture')} put in`,
              wereThere > 0 && `${wereThere} ${wereThere === 1 ? 'was' : 'were'} here before`,
              refused.length > 0 && `${refused.length} not taken`,
            ]
              .filter(Boolean)
              .join(', ') || 'Stopped; none was put in'}
            .
          </p>
        )}
        {going ? (
          <Button onPress={() => uploads.stop()}>Stop</Button>
        ) : (
          <QuietButton aria-label="Close what became of the pictures" onPress={() => uploads.forget()}>
            <X size={14} aria-hidden />
          </QuietButton>
        )}
      </div>
      {refused.length > 0 && (
        <ul aria-label="Not taken">
          {refused.map(({ name, why }, i) => (
            <li key={i}>
              <b>{name}</b>: {why}
            </li>
          ))}
        </ul>
      )}
    </Box>
  );
}
