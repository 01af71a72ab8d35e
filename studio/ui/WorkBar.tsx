import { Label, ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const Bar = styled(ProgressBar)`
  display: flex;
  align-items: center;
  gap: 10px;
  flex: 1;
  .bar {
    flex: 1;
    max-width: 260px;
    height: 8px;
    border-radius: 4px;
    background: ${t.line};
    overflow: hidden;
  }
  .bar div {
    height: 100%;
    background: ${t.pine};
  }
`;

interface WorkBarProps {
  /** What is being done. */
  does: string;
  done: number;
  /** Null while nobody knows. */
  total: number | null;
  /** How far it is, in words. */
  said: string;
}

/** How far long work is. */
export function WorkBar({ does, done, total, said }: WorkBarProps) {
  return (
    <Bar value={done} maxValue={total ?? 1} isIndeterminate={total === null} valueLabel={said}>
      {({ percentage, valueText }) => (
        <>
          <Label>{does}</Label>
          {total === null ? null : (
            <div className="bar">
              <div style={{ width: `${percentage}%` }} />
            </div>
          )}
          <span>{valueText}</span>
        </>
      )}
    </Bar>
  );
}
