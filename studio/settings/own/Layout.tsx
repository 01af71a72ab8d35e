import { useState } from 'react';
import { valueAt, type Varying } from '../../../core/bands/varying.ts';
import { layoutKind, layoutKinds, layoutsOf, type LayoutId } from '../../../core/layouts/index.ts';
import { useDraft } from '../../studioContext.tsx';
import { Choice } from '../../ui/Choice.tsx';
import { Switch } from '../../ui/Switch.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { SettingBox } from '../SettingBox.tsx';
import { SettingControl } from '../SettingControl.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import { Facts } from './Facts.tsx';
import { StartFrom } from './StartFrom.tsx';

const options = layoutKinds.map(({ id, name }) => ({ value: id, words: name }));

/** The layout at every width, or one at each; what comes of it; and ready-made arrangements to start from. */
export function Layout({ shelf, view, page, bayId, ...props }: OwnControlProps) {
  const { on, setting } = props;
  const layout = props.value as Varying<LayoutId>;
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet(on);
  const layouts = layoutsOf(layout, bands);
  const [apart, setApart] = useState(layouts.length > 1);
  if (!shelf) return null;
  return (
    <Stack>
      <StartFrom shelf={shelf.id} />
      {apart ? (
        <SettingControl {...props} />
      ) : (
        <SettingBox id={setting.id}>
          <Choice
            label={setting.name}
            inColumns={3}
            value={layouts[0] as string}
            options={options}
            onChange={(value) => set(setting.id, { [bands[0]!.id]: value })}
          />
          <Hint>{layoutKind(layouts[0]!).about}</Hint>
        </SettingBox>
      )}
      <Switch
        on={apart}
        onChange={(next) => {
          setApart(next);
          // What was set separately is one again: the layout of the narrowest width.
          if (!next && layouts.length > 1)
            set(setting.id, { [bands[0]!.id]: valueAt(layout, bands, bands[0]!.id) });
        }}
      >
        Different layout per width
      </Switch>
      {view && <Facts page={page} bayId={bayId} shelf={view} />}
    </Stack>
  );
}
