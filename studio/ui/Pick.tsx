import { ChevronDown } from 'lucide-react';
import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { t } from './theme.ts';

export const PopoverBox = styled(Popover)`
  background: ${t.paper};
  border: 1px solid ${t.edge};
  border-radius: ${t.corner};
  box-shadow: 0 8px 24px rgb(22 35 43 / 0.18);
  min-width: var(--trigger-width);
  max-height: 340px;
  overflow: auto;
  padding: 4px;
  outline: none;
`;

export const itemStyle = `
  padding: 6px 10px;
  border-radius: 5px;
  cursor: pointer;
  outline: none;
  display: flex;
  align-items: center;
  gap: 8px;
  &[data-focused] { background: ${t.pineSoft}; }
  &[data-selected] { font-weight: 600; color: ${t.pine}; }
  &[data-disabled] { color: ${t.edge}; cursor: default; }
`;

export const ListItem = styled(ListBoxItem)`
  ${itemStyle}
`;

const SelectBox = styled(Select)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  > button {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    min-height: 30px;
    padding: 3px 9px;
    cursor: pointer;
    text-align: start;
  }
  .react-aria-SelectValue {
    display: flex;
    align-items: center;
    gap: 8px;
  }
`;

export interface PickProps<V extends string> {
  label: string;
  shown?: boolean;
  value: V;
  /** Each with the type families, as a style sheet names them, that it is drawn in, or a small picture before it. */
  options: readonly { value: V; words: string; drawnIn?: string; picture?: ReactNode }[];
  onChange(value: V): void;
}

/** One of many, in a list that opens. */
export function Pick<V extends string>({ label, shown = true, value, options, onChange }: PickProps<V>) {
  return (
    <SelectBox
      value={value}
      onChange={(key) => key !== null && onChange(key as V)}
      aria-label={shown ? undefined : label}
    >
      {shown && <Label>{label}</Label>}
      <Button>
        <SelectValue />
        <ChevronDown size={14} aria-hidden />
      </Button>
      <PopoverBox>
        <ListBox>
          {options.map((option) => (
            <ListItem
              key={option.value}
              id={option.value}
              textValue={option.words}
              style={option.drawnIn ? { fontFamily: option.drawnIn } : undefined}
            >
              {option.picture}
              {option.words}
            </ListItem>
          ))}
        </ListBox>
      </PopoverBox>
    </SelectBox>
  );
}
