import { useMemo } from 'react';
import { textPlaces, textPlacesOf, withTextPlace } from '../../../core/card/textPlace.ts';
import { useDraft } from '../../studioContext.tsx';
import { SettingControl } from '../SettingControl.tsx';
import { BecomesContext } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

/** Where texts are, over the picture too, which is a side and how far they reach from it. */
export function TextSide({ on, setting, at, shelf }: OwnControlProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const placed = useMemo(() => ({ ...setting, kind: textPlaces }), [setting]);
  const value = useMemo(() => shelf && textPlacesOf(shelf, bands), [shelf, bands]);
  if (!shelf) return null;
  return (
    <BecomesContext value={withTextPlace}>
      <SettingControl on={on} setting={placed} value={value} at={at} />
    </BecomesContext>
  );
}
