import { useDraft } from '../../studioContext.tsx';
import { CheckGroup } from '../../ui/CheckGroup.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { SettingBox } from '../SettingBox.tsx';
import { Hint } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';

/** At which widths a bay is shown: one at least. */
export function WidthsShown({ on, setting, value }: OwnControlProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet(on);
  const ids = bands.map(({ id }) => id);
  const at = ((value as string[] | null) ?? ids).filter((id) => ids.includes(id));
  return (
    <SettingBox id={setting.id}>
      <CheckGroup
        label={setting.name}
        options={bands.map((band) => ({
          value: band.id,
          words: band.name,
          disabled: at.length === 1 && at[0] === band.id,
        }))}
        value={at}
        onChange={(next) => {
          if (next.length)
            set(setting.id, next.length === ids.length ? undefined : ids.filter((id) => next.includes(id)));
        }}
      />
      {at.length === 1 && <Hint>One width at least. To take it off every width, hide it.</Hint>}
    </SettingBox>
  );
}
