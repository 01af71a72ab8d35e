import type { Target } from '../../../core/plan/target.ts';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { Pick } from '../../ui/Pick.tsx';

/** In what order; "as named" only where they are named one by one. */
export function OrderPick({
  by,
  orders,
  named,
  on,
}: {
  by: string;
  orders: Readonly<Record<string, string>>;
  named: boolean;
  on: Target;
}) {
  const set = useSet(on);
  const offered = named ? { ...orders, asNamed: 'As named' } : orders;
  return (
    <SettingBox id="assortment.order">
      <Pick
        label="Order"
        value={by}
        options={Object.entries(offered).map(([value, words]) => ({ value, words }))}
        onChange={(next) => set('assortment.order', { by: next })}
      />
    </SettingBox>
  );
}
