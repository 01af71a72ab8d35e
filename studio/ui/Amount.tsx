import { Input, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

const AmountBox = styled(NumberField)`
  &[data-labelled] {
    display: grid;
    grid-template-columns: 118px minmax(0, 1fr);
    align-items: center;
    gap: 8px;
  }
  span {
    color: ${t.ink2};
  }
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    padding: 4px 9px;
    width: 84px;
    text-align: end;
  }
`;

export interface AmountProps {
  label: string;
  /** Else it is read aloud only. */
  shown?: boolean;
  value: number | null;
  least?: number;
  most?: number;
  /** After the point, at most. */
  digits?: number;
  placeholder?: string;
  onChange(value: number | null): void;
}

/** A number, or none where the field is empty. */
export function Amount({
  label,
  shown = false,
  value,
  least,
  most,
  digits = 0,
  placeholder,
  onChange,
}: AmountProps) {
  return (
    <AmountBox
      aria-label={label}
      data-labelled={shown || undefined}
      value={value ?? NaN}
      {...(least !== undefined && { minValue: least })}
      {...(most !== undefined && { maxValue: most })}
      formatOptions={{ maximumFractionDigits: digits }}
      onChange={(next) => onChange(Number.isFinite(next) ? next : null)}
    >
      {shown && <span aria-hidden="true">{label}</span>}
      <Input {...(placeholder !== undefined && { placeholder })} />
    </AmountBox>
  );
}
