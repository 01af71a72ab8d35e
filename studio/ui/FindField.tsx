import type { Ref } from 'react';
import { Input, SearchField } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const Field = styled(SearchField)`
  input {
    width: 100%;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    min-height: 32px;
    padding: 4px 10px;
  }
`;

export interface FindFieldProps {
  label: string;
  placeholder: string;
  value: string;
  onChange(typed: string): void;
  autoFocus?: boolean;
  className?: string;
  ref?: Ref<HTMLInputElement>;
}

/** Typing narrows down what is listed beside it; Escape empties it. */
export const FindField = ({ label, placeholder, ref, className = 'find', ...rest }: FindFieldProps) => (
  <Field aria-label={label} className={className} {...rest}>
    <Input ref={ref} placeholder={placeholder} />
  </Field>
);
