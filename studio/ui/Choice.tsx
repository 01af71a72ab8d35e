import type { ReactNode } from 'react';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const ChoiceBox = styled(RadioGroup)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  > div {
    display: flex;
    flex-wrap: wrap;
    gap: 0;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    overflow: hidden;
    width: fit-content;
    max-width: 100%;
    background: #fff;
  }
  .react-aria-Radio {
    padding: 4px 9px;
    cursor: pointer;
    display: inline-flex;
    gap: 5px;
    align-items: center;
  }
  .react-aria-Radio + .react-aria-Radio {
    border-inline-start: 1px solid ${t.line};
  }
  .react-aria-Radio[data-selected] {
    background: ${t.pineSoft};
    color: ${t.pine};
    font-weight: 600;
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: -2px;
  }
`;

export interface ChoiceProps<V extends string> {
  label: string;
  shown?: boolean;
  value: V;
  options: readonly { value: V; words: ReactNode }[];
  /** In rows of this many; as they fit where it is not given. */
  inColumns?: number;
  onChange(value: V): void;
}

/** One of a few, all in sight. */
export function Choice<V extends string>({
  label,
  shown = true,
  value,
  options,
  inColumns,
  onChange,
}: ChoiceProps<V>) {
  return (
    <ChoiceBox value={value} onChange={(next) => onChange(next as V)} aria-label={shown ? undefined : label}>
      {shown && <Label>{label}</Label>}
      <div
        style={
          inColumns === undefined
            ? undefined
            : { display: 'grid', gridTemplateColumns: `repeat(${inColumns}, auto)`, gap: 0 }
        }
      >
        {options.map((option) => (
          <Radio key={option.value} value={option.value}>
            {option.words}
          </Radio>
        ))}
      </div>
    </ChoiceBox>
  );
}
