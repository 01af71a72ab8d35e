import { NamedList } from '../../ui/NamedList.tsx';
import { TickList, withTicked, type Tickable } from '../../ui/TickList.tsx';

/** Some of a kind, named one by one in an order of their own. */
export function NamedOneByOne({
  label,
  ids,
  word,
  find,
  onChange,
}: {
  label: string;
  ids: readonly number[];
  word(id: number): string | null;
  /** Those that what is typed may mean; all for nothing. */
  find(typed: string): readonly Tickable[];
  onChange(ids: number[]): void;
}) {
  return (
    <>
      <NamedList
        items={ids.map((id) => ({ id: String(id), words: word(id) ?? `${id}, removed` }))}
        onRemove={(id) => onChange(ids.filter((one) => String(one) !== id))}
        onMove={(next) => onChange(next.map(Number))}
      />
      <TickList
        label={label}
        placeholder="Type a name"
        find={find}
        chosen={ids.map(String)}
        onTick={(id, ticked) => onChange(withTicked(ids, Number(id), ticked))}
      />
    </>
  );
}
