import { fold } from '../../../core/catalogue/fold.ts';
import { NamedList } from '../../ui/NamedList.tsx';
import { TickList, withTicked, type Tickable } from '../../ui/TickList.tsx';

/** More than this is found by typing. */
const MOST_LISTED = 100;

/** Several of what there is, ticked in a list; those that are gone stay above it and say so. */
export function ChosenFrom({
  label,
  placeholder,
  all,
  chosen,
  onChange,
}: {
  label: string;
  placeholder: string;
  all: readonly Tickable[];
  chosen: readonly string[];
  onChange(chosen: string[]): void;
}) {
  const byId = new Map(all.map((one) => [one.id, one]));
  return (
    <>
      <NamedList
        items={chosen.map((id) => ({ id, words: byId.get(id)?.words ?? `${id}, removed` }))}
        onRemove={(id) => onChange(chosen.filter((one) => one !== id))}
      />
      <TickList
        label={label}
        placeholder={placeholder}
        find={(typed) => {
          const wanted = fold(typed);
          return all.filter(({ words }) => ` ${fold(words)}`.includes(` ${wanted}`)).slice(0, MOST_LISTED);
        }}
        chosen={chosen}
        onTick={(id, ticked) => onChange(withTicked(chosen, id, ticked))}
      />
    </>
  );
}
