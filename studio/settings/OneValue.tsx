import styled from 'styled-components';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { ValueControl } from './controls/index.tsx';
import { Reset } from './Reset.tsx';

/** A control and, where something is set here, its reset beside it. */
export const WithReset = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 26px;
  align-items: end;
  gap: 8px;
  > :last-child {
    align-self: center;
  }
`;

export interface OneValueProps {
  setting: PlacedSetting;
  /** With its unit. */
  label: string;
  value: unknown;
  /** Set here, not inherited. */
  isSet: boolean;
  /** `undefined` resets it. */
  onChange(value: unknown): void;
}

/** The control of a value that is one everywhere, with its name. */
export function OneValue({ setting, label, value, isSet, onChange }: OneValueProps) {
  return (
    <WithReset>
      <div>
        <ValueControl kind={setting.kind} label={label} value={value} inherits={!isSet} onChange={onChange} />
      </div>
      {isSet ? <Reset what={label} onPress={() => onChange(undefined)} /> : <span />}
    </WithReset>
  );
}
