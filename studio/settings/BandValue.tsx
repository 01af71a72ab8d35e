import { memo, useDeferredValue } from 'react';
import type { Band } from '../../core/bands/bands.ts';
import type { Target } from '../../core/plan/target.ts';
import type { PlacedSetting } from '../../core/settings/setting.ts';
import { same } from '../../core/settings/same.ts';
import { ValueControl } from './controls/index.tsx';
import { Reset } from './Reset.tsx';
import { useSet } from './useSetting.ts';

export interface BandValueProps {
  on: Target;
  setting: PlacedSetting;
  band: Band;
  /** With its unit. */
  label: string;
  value: unknown;
  /** Set at this very band. */
  own: boolean;
}

/**
 * The control of a value at one width, and its reset where it is set there. Drawn anew only when that changes: controls
 * are the dearest part of the studio to draw, and an edit changes one of dozens.
 */
export const BandValue = memo(function BandValue({ on, setting, band, label, value, own }: BandValueProps) {
  const set = useSet(on);
  const { id, kind } = setting;
  const name = `${label} on ${band.name}`;
  // What follows from another band may follow a moment after it.
  const late = useDeferredValue(value);
  return (
    <>
      <ValueControl
        kind={kind}
        label={name}
        shown={false}
        value={own ? value : late}
        inherits={!own}
        onChange={(next) => set(id, next, band.id)}
      />
      {own ? <Reset what={name} onPress={() => set(id, undefined, band.id)} /> : <span />}
    </>
  );
}, same);
