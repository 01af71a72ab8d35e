import { NamedList } from '../../ui/NamedList.tsx';
import { Search } from '../../ui/Search.tsx';

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
  /** Those not named yet that what is typed may mean. */
  find(typed: string): { id: string; words: string }[];
  onChange(ids: number[]): void;
}) {
  return (
    <>
      <NamedList
        items={ids.map((id) => ({ id: String(id), words: word(id) ?? `${id}, which is gone` }))}
        onRemove={(id) => onChange(ids.filter((one) => String(one) !== id))}
        onMove={(next) => onChange(next.map(Number))}
      />
      <Search
        label={label}
        shown={false}
        placeholder="Type a name"
        find={find}
        onChoose={(id) => onChange([...ids, Number(id)])}
      />
    </>
  );
}
