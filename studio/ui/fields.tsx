import { Minus, Plus } from 'lucide-react';
import { useEffect, useState, type ReactNode } from 'react';
import {
  Button,
  Group,
  Input,
  Label,
  NumberField,
  Radio,
  RadioGroup,
  Slider,
  SliderThumb,
  SliderTrack,
  Switch as AriaSwitch,
  TextArea,
  TextField,
} from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

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
  onChange,
}: StepperProps) {
  return (
    <StepperBox
      aria-label={shown ? undefined : label}
      value={value}
      minValue={least}
      maxValue={most}
      step={step}
      data-inherits={inherits || undefined}
      formatOptions={{ useGrouping: false }}
      onChange={(next) => Number.isFinite(next) && next !== value && onChange(next)}
    >
      {shown && <Label>{label}</Label>}
      <Group>
        <Button slot="decrement" aria-label={`${label}: fewer`}>
          <Minus size={12} />
        </Button>
        <Input style={{ width: wide ? 44 : 28 }} />
        <Button slot="increment" aria-label={`${label}: more`}>
          <Plus size={12} />
        </Button>
      </Group>
    </StepperBox>
  );
}

const SliderBox = styled(Slider)`
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 6px 12px;
  > label {
    grid-column: 1 / -1;
  }
  .react-aria-SliderTrack {
    height: 28px;
    position: relative;
  }
  .react-aria-SliderTrack::before {
    content: '';
    position: absolute;
    inset: 12px 0;
    border-radius: 2px;
    background: ${t.edge};
  }
  .react-aria-SliderThumb {
    top: 50%;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: #fff;
    border: 2px solid ${t.pine};
  }
  .react-aria-SliderThumb[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

export type SlidingNumberProps = Omit<StepperProps, 'shown' | 'inherits' | 'wide'>;

/** A number that is slid or typed. */
export function SlidingNumber({ label, value, least, most, step = 1, onChange }: SlidingNumberProps) {
  return (
    <SliderBox
      value={value}
      minValue={least}
      maxValue={most}
      step={step}
      onChange={(next) => onChange(next as number)}
    >
      <Label>{label}</Label>
      <SliderTrack>
        <SliderThumb />
      </SliderTrack>
      <Stepper label={label} value={value} least={least} most={most} step={step} wide onChange={onChange} />
    </SliderBox>
  );
}

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

const SwitchBox = styled(AriaSwitch)`
  display: inline-flex;
  align-items: center;
  gap: 8px;
  cursor: pointer;
  .knob {
    width: 30px;
    height: 18px;
    border-radius: 9px;
    background: #fff;
    border: 1px solid ${t.edge};
    position: relative;
    flex: none;
  }
  .knob::after {
    content: '';
    position: absolute;
    top: 2px;
    inset-inline-start: 2px;
    width: 12px;
    height: 12px;
    border-radius: 50%;
    background: ${t.edge};
  }
  &[data-selected] .knob {
    background: ${t.pine};
    border-color: ${t.pine};
  }
  &[data-selected] .knob::after {
    inset-inline-start: 14px;
    background: #fff;
  }
  &[data-focus-visible] .knob {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

/** Yes or no; named by what stands beside it, or by `label`. */
export function Switch({
  on,
  onChange,
  label,
  children,
}: {
  on: boolean;
  onChange(on: boolean): void;
  label?: string;
  children?: ReactNode;
}) {
  return (
    <SwitchBox isSelected={on} onChange={onChange} aria-label={label}>
      <span className="knob" />
      {children}
    </SwitchBox>
  );
}

const TextBox = styled(TextField)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  input,
  textarea {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 5px 9px;
    width: 100%;
    resize: vertical;
  }
`;

export interface WordsProps {
  label: string;
  value: string;
  longest: number;
  long?: boolean;
  placeholder?: string;
  /** A sentence about what is wrong, or null. What is wrong stays in the field and is not saved. */
  fault?: (value: string) => string | null;
  onChange(value: string): void;
}

const Fault = styled.p`
  color: ${t.brick};
  font-size: 12px;
`;

/** Words that are typed; each letter shows at once. */
export function Words({ label, value, longest, long, placeholder, fault, onChange }: WordsProps) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const wrong = fault?.(typed) ?? null;
  const change = (next: string) => {
    setTyped(next);
    if (!fault?.(next)) onChange(next);
  };
  return (
    <TextBox value={typed} onChange={change} maxLength={longest} isInvalid={wrong !== null}>
      <Label>{label}</Label>
      {long ? <TextArea rows={3} placeholder={placeholder} /> : <Input placeholder={placeholder} />}
      {wrong && <Fault role="alert">{wrong}</Fault>}
    </TextBox>
  );
}

export interface MoneyFieldProps {
  label: string;
  currency: string;
  locale: string;
  /** Minor units; null for none. */
  value: number | null;
  most: number;
  onChange(minor: number | null): void;
}

const MoneyBox = styled(NumberField)`
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 4px 9px;
    width: 110px;
    text-align: end;
  }
`;

/** An amount in the store's currency; empty for none. */
export function MoneyField({ label, currency, locale, value, most, onChange }: MoneyFieldProps) {
  const digits =
    new Intl.NumberFormat(locale, { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ??
    2;
  const unit = 10 ** digits;
  return (
    <MoneyBox
      value={value === null ? NaN : value / unit}
      minValue={0}
      maxValue={most / unit}
      formatOptions={{ style: 'currency', currency }}
      onChange={(next) => onChange(Number.isFinite(next) ? Math.round(next * unit) : null)}
    >
      <Label>{label}</Label>
      <Input placeholder="any" />
    </MoneyBox>
  );
}
