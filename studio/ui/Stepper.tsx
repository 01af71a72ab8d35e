import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Button, Group, Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';
import { Restored, TypedNumber } from './TypedNumber.tsx';

const StepperBox = styled(NumberField)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  .react-aria-Group {
    display: inline-flex;
    align-items: stretch;
    height: 28px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    overflow: hidden;
  }
  .react-aria-Group[data-focus-within] {
    outline: 2px solid ${t.pine};
    outline-offset: 1px;
  }
  button {
    width: 22px;
    border: 0;
    background: none;
    display: grid;
    place-items: center;
    cursor: pointer;
    padding: 0;
  }
  button[data-hovered] {
    background: ${t.pineSoft};
  }
  button[data-disabled] {
    color: ${t.line};
    cursor: default;
  }
  input {
    border: 0;
    border-inline: 1px solid ${t.line};
    text-align: center;
    font: 600 13px ${t.text};
    background: none;
    padding: 0;
    outline: none;
    min-width: 0;
  }
  &[data-inherits] input {
    color: ${t.ink2};
    font-weight: 400;
  }
`;

const Limits = styled.p`
  color: ${t.brick};
  font-size: 12px;
`;

export interface StepperProps {
  label: string;
  /** Drawn beside it; else only named. */
  shown?: boolean;
  value: number;
  least: number;
  most: number;
  step?: number;
  /** Taken from a narrower width. */
  inherits?: boolean;
  wide?: boolean;
  /** Says which numbers are possible when another is typed, which becomes the nearest of them. */
  saysLimits?: boolean;
  onChange(value: number): void;
}

/** A number that is stepped or typed. */
export function Stepper({
  label,
  shown,
  value,
  least,
  most,
  step = 1,
  inherits,
  wide,
  saysLimits,
  onChange,
}: StepperProps) {
  const [beyond, setBeyond] = useState<number | null>(null);
  /** What Escape put back, as it is written. */
  const [restored, setRestored] = useState<string | null>(null);
  /** What the field had when somebody began to type into it: a value that comes meanwhile waits until that is done. */
  const [typedOver, setTypedOver] = useState<number | null>(null);
  return (
    <StepperBox
      aria-label={shown ? undefined : label}
      value={typedOver ?? value}
      minValue={least}
      maxValue={most}
      step={step}
      data-inherits={inherits || undefined}
      formatOptions={{ useGrouping: false }}
      onChange={(next) => {
        setTypedOver(null);
        if (Number.isFinite(next) && next !== value) onChange(next);
      }}
      onBlur={() => {
        setTypedOver(null);
        setRestored(null);
      }}
    >
      {shown && <Label>{label}</Label>}
      <Group>
        <Button slot="decrement" aria-label={`${label}: fewer`}>
          <Minus size={12} />
        </Button>
        <TypedNumber
          widthPx={wide ? 44 : 28}
          onType={(text) => {
            setTypedOver((before) => before ?? value);
            setRestored(null);
            const typed = Number(text);
            setBeyond(
              saysLimits && (typed > most || (typed < least && text.length >= String(least).length))
                ? typed
                : null,
            );
          }}
          onRestore={(text) => {
            setTypedOver(null);
            setBeyond(null);
            setRestored(text);
          }}
        />
        <Button slot="increment" aria-label={`${label}: more`}>
          <Plus size={12} />
        </Button>
      </Group>
      {beyond !== null && (
        <Limits role="status">
          {beyond} is not possible here; {least} to {most} is.
        </Limits>
      )}
      {restored !== null && <Restored role="status">Back to {restored}</Restored>}
    </StepperBox>
  );
}
