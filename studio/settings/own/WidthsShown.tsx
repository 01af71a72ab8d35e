import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { useDraft } from '../../studioContext.tsx';
import { t } from '../../ui/theme.ts';
import type { OwnControlProps } from './ownControl.ts';
import { SettingBox } from '../SettingBox.tsx';
import { Hint } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';

const Group = styled(CheckboxGroup)`
  display: grid;
  gap: 6px;
  .react-aria-Checkbox {
    display: flex;
    align-items: center;
    gap: 8px;
    cursor: pointer;
  }
  .box {
    width: 16px;
    height: 16px;
    border: 1px solid ${t.edge};
    border-radius: 4px;
    background: #fff;
    display: grid;
    place-items: center;
    font-size: 11px;
    color: #fff;
  }
  [data-selected] .box {
    background: ${t.pine};
    border-color: ${t.pine};
  }
  [data-focus-visible] .box {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

/** At which widths a bay is shown: one at least. */
export function WidthsShown({ on, setting, value }: OwnControlProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet(on);
  const ids = bands.map(({ id }) => id);
  const at = ((value as string[] | null) ?? ids).filter((id) => ids.includes(id));
  return (
    <SettingBox id={setting.id}>
      <Group
        value={at}
        onChange={(next) => {
          if (next.length)
            set(setting.id, next.length === ids.length ? undefined : ids.filter((id) => next.includes(id)));
        }}
      >
        <Label>{setting.name}</Label>
        {bands.map((band) => (
          <Checkbox key={band.id} value={band.id} isDisabled={at.length === 1 && at[0] === band.id}>
            <span className="box">✓</span>
            {band.name}
          </Checkbox>
        ))}
      </Group>
      {at.length === 1 && <Hint>One width at least. To take it off every width, hide it.</Hint>}
    </SettingBox>
  );
}
