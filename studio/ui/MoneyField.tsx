import { useState } from 'react';
import { Label, NumberField } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';
import { Restored, TypedNumber } from './TypedNumber.tsx';

export interface MoneyFieldProps {
  label: string;
  currency: string;
  locale: string;
  /** Minor units; null for none. */
  value: number | null;
  most: number;
  /** Else it is read aloud only. */
  shown?: boolean;
  /** What is in the field where there is none. */
  none?: string;
  onChange(minor: number | null): void;
}

const MoneyBox = styled(NumberField)`
  display: flex;
  flex-wrap: wrap;
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
export function MoneyField({
  label,
  currency,
  locale,
  value,
  most,
  shown = true,
  none = 'any',
  onChange,
}: MoneyFieldProps) {
  const [restored, setRestored] = useState<string | null>(null);
  const digits =
    new Intl.NumberFormat(locale, { style: 'currency', currency }).resolvedOptions().maximumFractionDigits ??
    2;
  const unit = 10 ** digits;
  return (
    <MoneyBox
      aria-label={shown ? undefined : label}
      value={value === null ? NaN : value / unit}
      minValue={0}
      maxValue={most / unit}
      formatOptions={{ style: 'currency', currency }}
      onBlur={() => setRestored(null)}
      onChange={(next) => onChange(Number.isFinite(next) ? Math.round(next * unit) : null)}
    >
      {shown && <Label>{label}</Label>}
      <TypedNumber placeholder={none} onType={() => setRestored(null)} onRestore={setRestored} />
      {restored !== null && <Restored role="status">Back to {restored || none}</Restored>}
    </MoneyBox>
  );
}
