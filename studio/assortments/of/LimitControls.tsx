import { SettingBox } from '../../settings/SettingBox.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { Stepper } from '../../ui/Stepper.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { t } from '../../ui/theme.ts';
import type { AssortmentProps } from './kind.ts';

/** The greatest number there may be of it. */
export function LimitControls({ assortment, on }: AssortmentProps) {
  const set = useSet(on);
  const pins = assortment.of === 'products' ? assortment.byHand.pins.length : 0;
  return (
    <SettingBox id="assortment.limit">
      <Switch
        on={assortment.limit !== null}
        onChange={(wanted) => set('assortment.limit', wanted ? Math.max(24, pins) : null)}
      >
        Limit
      </Switch>
      {assortment.limit !== null && (
        <div style={{ marginTop: 6 }}>
          <Stepper
            label="At most"
            shown
            value={assortment.limit}
            least={Math.max(1, pins)}
            most={100_000}
            wide
            onChange={(value) => set('assortment.limit', value)}
          />
          {pins > 1 && <p style={{ color: t.ink2 }}>Not fewer than the {pins} that are pinned.</p>}
        </div>
      )}
    </SettingBox>
  );
}
