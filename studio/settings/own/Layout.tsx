import { useState } from 'react';
import { differs, valueAt, type Varying } from '../../../core/bands/varying.ts';
import { layoutKind, type LayoutId } from '../../../core/layouts/index.ts';
import { useDraft } from '../../studioContext.tsx';
import { Switch } from '../../ui/Switch.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { SettingBox } from '../SettingBox.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import { BandRows } from '../VaryingRows.tsx';
import { Facts } from './Facts.tsx';
import { LayoutTiles } from './LayoutTiles.tsx';
import { StartFrom } from './StartFrom.tsx';

/** The layout at every width, or one at each; what comes of it; and ready-made arrangements to start from. */
export function Layout({ shelf, view, page, bayId, ...props }: OwnControlProps) {
  const { on, setting } = props;
  const layout = props.value as Varying<LayoutId>;
  const bands = useDraft((state) => state.plan.house.bands);
  const set = useSet(on);
  const [opened, setOpened] = useState(false);
  const apart = opened || differs(layout, bands);
  const narrowest = valueAt(layout, bands, bands[0]!.id);
  if (!shelf) return null;
  const setEverywhere = (value: LayoutId) => set(setting.id, { [bands[0]!.id]: value });
  return (
    <Stack>
      <StartFrom shelf={shelf.id} />
      <SettingBox id={setting.id}>
        {apart ? (
          <BandRows {...props} value={layout} label={setting.name} />
        ) : (
          <>
            <LayoutTiles label={setting.name} value={narrowest} onChange={setEverywhere} />
            <Hint>{layoutKind(narrowest).about}</Hint>
          </>
        )}
      </SettingBox>
      <Switch
        on={apart}
        onChange={(next) => {
          setOpened(next);
          // What was set separately is one again: the layout of the narrowest width.
          if (!next && differs(layout, bands)) setEverywhere(narrowest);
        }}
      >
        Different layout per width
      </Switch>
      {view && <Facts page={page} bayId={bayId} shelf={view} />}
    </Stack>
  );
}
