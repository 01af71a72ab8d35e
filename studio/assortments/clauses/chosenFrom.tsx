import { fold } from '../../../core/catalogue/fold.ts';
import { NamedList } from '../../ui/NamedList.tsx';
import { Search } from '../../ui/Search.tsx';

export interface Choosable {
  id: string;
  words: string;
  aside?: string;
}

/** Several of what there is, found by typing; those that are gone stay in the list and say so. */
export function ChosenFrom({
  label,
  placeholder,
  all,
  chosen,
  onChange,
}: {
  label: string;
  placeholder: string;
  all: readonly Choosable[];
  chosen: readonly string[];
  onChange(chosen: string[]): void;
}) {
  const byId = new Map(all.map((one) => [one.id, one]));
  return (
    <>
      <NamedList
        items={chosen.map((id) => ({ id, words: byId.get(id)?.words ?? `${id}, which is gone` }))}
        onRemove={(id) => onChange(chosen.filter((one) => one !== id))}
      />
      <Search
        label={label}
        shown={false}
        placeholder={placeholder}
        find={(typed) => {
          const wanted = fold(typed);
          return all
            .filter(({ id, words }) => !chosen.includes(id) && ` ${fold(words)}`.includes(` ${wanted}`))
            .slice(0, 60);
        }}
        onChoose={(id) => onChange([...chosen, id])}
      />
    </>
  );
}
