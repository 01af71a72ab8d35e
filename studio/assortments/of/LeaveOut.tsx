import { Switch } from '../../ui/Switch.tsx';

/** What is left out wherever it would turn up, each by a switch. */
export function LeaveOut<W extends object, K extends keyof W & string>({
  without,
  kinds,
  onChange,
}: {
  without: W;
  kinds: Readonly<Record<K, string>>;
  onChange(without: W): void;
}) {
  return (
    <>
      <span>Leave out</span>
      {(Object.entries(kinds) as [K, string][]).map(([key, words]) => (
        <Switch key={key} on={Boolean(without[key])} onChange={(on) => onChange({ ...without, [key]: on })}>
          {words}
        </Switch>
      ))}
    </>
  );
}
