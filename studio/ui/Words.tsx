import { useState } from 'react';
import { Input, Label, TextArea, TextField } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

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
  const [{ given, typed }, setState] = useState({ given: value, typed: value });
  // Changed elsewhere, such as by undo.
  if (given !== value) setState({ given: value, typed: value });
  const setTyped = (next: string) => setState((state) => ({ ...state, typed: next }));
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
