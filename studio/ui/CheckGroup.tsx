import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const Group = styled(CheckboxGroup)`
  display: grid;
  gap: 6px;
  .react-aria-Checkbox {
    display: flex;
    align-items: center;
    gap: 8px;
    cursor: pointer;
  }
  .box {
    width: 16px;
    height: 16px;
    border: 1px solid ${t.edge};
    border-radius: 4px;
    background: #fff;
    display: grid;
    place-items: center;
    font-size: 11px;
    color: #fff;
  }
  [data-selected] .box {
    background: ${t.pine};
    border-color: ${t.pine};
  }
  [data-focus-visible] .box {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

export interface CheckGroupProps {
  label: string;
  options: readonly { value: string; words: string; disabled?: boolean }[];
  value: readonly string[];
  onChange(value: string[]): void;
}

/** Any number of some, each with a box to tick. */
export function CheckGroup({ label, options, value, onChange }: CheckGroupProps) {
  return (
    <Group value={[...value]} onChange={onChange}>
      <Label>{label}</Label>
      {options.map(({ value: one, words, disabled = false }) => (
        <Checkbox key={one} value={one} isDisabled={disabled}>
          <span className="box" aria-hidden>
            ✓
          </span>
          {words}
        </Checkbox>
      ))}
    </Group>
  );
}
