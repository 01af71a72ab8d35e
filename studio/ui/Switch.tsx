import type { ReactNode } from 'react';
import { Switch as AriaSwitch } from 'react-aria-components';
import styled from 'styled-components';
import { t } from './theme.ts';

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
