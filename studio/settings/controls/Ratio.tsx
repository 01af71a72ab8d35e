import { useState } from 'react';
import { Input, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { NO_RATIO, readRatio } from '../../../core/card/ratio.ts';
import { Pick } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import type { Controlled } from '../control.ts';

const OTHER = 'other';

const Field = styled(TextField)`
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 5px 9px;
    margin-top: 4px;
    width: 110px;
  }
  p {
    color: ${t.brick};
    font-size: 12px;
  }
`;

/** Proportions of a picture: of those that are usual, or typed. */
export function RatioControl({ control, label, shown, value, onChange }: Controlled<'ratio', string>) {
  const [typing, setTyping] = useState(false);
  const typed = typing || !control.offered.includes(value);
  return (
    <div>
      <Pick
        label={label}
        shown={shown}
        value={typed ? OTHER : value}
        options={[
          ...control.offered.map((one) => ({ value: one, words: one })),
          { value: OTHER, words: 'Typed' },
        ]}
        onChange={(next) => {
          setTyping(next === OTHER);
          if (next !== OTHER) onChange(next);
        }}
      />
      {typed && <TypedRatio label={label} value={value} onChange={onChange} />}
    </div>
  );
}

/** It is taken once it is typed whole: 16 alone is a ratio as well. What is none stays in the field and is not saved. */
function TypedRatio({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange(value: string): void;
}) {
  const [{ given, words, fault }, setState] = useState({ given: value, words: value, fault: false });
  // Changed elsewhere, such as by undo.
  if (given !== value) setState({ given: value, words: value, fault: false });
  const take = () => {
    const next = readRatio(words);
    setState((state) => ({ ...state, fault: next === null }));
    if (next !== null && next !== value) onChange(next);
  };
  return (
    <Field
      aria-label={`${label}, typed`}
      value={words}
      onChange={(next) => setState((state) => ({ ...state, words: next }))}
      onBlur={take}
      onKeyDown={({ key }) => key === 'Enter' && take()}
      isInvalid={fault}
    >
      <Input maxLength={15} placeholder="4:5" />
      {fault && <p role="alert">{NO_RATIO}</p>}
    </Field>
  );
}
