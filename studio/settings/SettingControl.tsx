import { memo } from 'react';
import type { Varying } from '../../core/bands/varying.ts';
import type { Target } from '../../core/plan/target.ts';
import { same } from '../../core/settings/same.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { OneValue, WithReset } from './OneValue.tsx';
import { Reset } from './Reset.tsx';
import { ShownAt } from './ShownAt.tsx';
import { Hint } from './Stack.tsx';
import { useSet } from './useSetting.ts';
import { useStoredValue } from './useStoredValue.ts';
import { VaryingRows } from './VaryingRows.tsx';

export interface SettingControlProps {
  on: Target;
  setting: PlacedSetting;
  /** As it holds now. */
  value: unknown;
  /** Ids of the bands at which it has an effect. */
  at: readonly string[];
}

/** Name and unit: "Gap between columns, px". */
export function labelOf({ name, kind }: PlacedSetting): string {
  const unit = kind.control.is === 'number' ? kind.control.unit : '';
  return unit ? `${name}, ${unit}` : name;
}

/** The usual control of a setting: of one value, or one at each width, with a way to reset what is set here. */
export const SettingControl = memo(function SettingControl({ on, setting, value, at }: SettingControlProps) {
  const set = useSet(on);
  const { id, kind, about, varies } = setting;
  const label = labelOf(setting);
  const hint = about && <Hint>{about}</Hint>;
  const isSet = useStoredValue(on, id) !== undefined;
  if (varies && kind.control.is === 'switch')
    return (
      <div data-setting={id}>
        <WithReset>
          <ShownAt name={label} value={value as Varying<boolean>} onChange={(next) => set(id, next)} />
          {isSet ? <Reset what={label} onPress={() => set(id, undefined)} /> : <span />}
        </WithReset>
        {hint}
      </div>
    );
  if (varies)
    return (
      <div>
        <VaryingRows on={on} setting={setting} label={label} value={value as Varying<unknown>} at={at} />
        {hint}
      </div>
    );
  return (
    <div data-setting={id}>
      <OneValue
        setting={setting}
        label={label}
        value={value}
        isSet={isSet}
        onChange={(next) => set(id, next)}
      />
      {hint}
    </div>
  );
}, same);
