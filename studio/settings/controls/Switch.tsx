import { Switch } from '../../ui/Switch.tsx';
import type { Controlled } from '../control.ts';

export function SwitchControl({ label, shown, value, onChange }: Controlled<'switch', boolean>) {
  return shown ? (
    <Switch on={value} onChange={onChange}>
      {label}
    </Switch>
  ) : (
    <Switch on={value} label={label} onChange={onChange} />
  );
}
