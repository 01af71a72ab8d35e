import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { useDraft } from '../../../studioContext.tsx';
import { Switch } from '../../../ui/fields.tsx';
import { t } from '../../../ui/theme.ts';
import { Hint, SettingBox, Stack, useSet, type LineProps } from './controls.tsx';

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

/** At which widths the bay stands, and whether at all. */
export function When({ bay, page }: LineProps) {
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet({ page: page.id, bay: bay.id });
  const at = bay.bands ?? bands.map((band) => band.id);
  return (
    <Stack>
      <SettingBox id="bands">
        <Group
          value={at}
          onChange={(next) => {
            if (next.length)
              set(
                'bands',
                next.length === bands.length
                  ? null
                  : bands.map((band) => band.id).filter((id) => next.includes(id)),
              );
          }}
        >
          <Label>Stands on</Label>
          {bands.map((band) => (
            <Checkbox key={band.id} value={band.id} isDisabled={at.length === 1 && at[0] === band.id}>
              <span className="box">✓</span>
              {band.name}
            </Checkbox>
          ))}
        </Group>
        {at.length === 1 && <Hint>One width at least. To take it off every width, hide it.</Hint>}
      </SettingBox>
      <SettingBox id="hidden">
        <Switch on={bay.hidden} onChange={(value) => set('hidden', value)}>
          Hidden from shoppers
        </Switch>
      </SettingBox>
    </Stack>
  );
}
