import { fold } from '../../../core/catalogue/fold.ts';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { NamedOneByOne } from './NamedOneByOne.tsx';

const MOST_OFFERED = 100;

/** All of a kind, or some named one by one in an order of their own. */
export function AllOrNamed({
  what,
  all,
  ids,
  onChange,
}: {
  what: string;
  all: readonly { id: number; words: string }[];
  ids: number[] | null;
  onChange(ids: number[] | null): void;
}) {
  const find = (typed: string) => {
    const wanted = fold(typed);
    return all
      .filter(({ words }) => fold(words).includes(wanted))
      .slice(0, MOST_OFFERED)
      .map(({ id, words }) => ({ id: String(id), words }));
  };
  return (
    <SettingBox id="assortment.ids">
      <Switch on={ids === null} onChange={(every) => onChange(every ? null : [])}>
        All {what}
      </Switch>
      {ids !== null && (
        <NamedOneByOne
          label={`Choose ${what}`}
          ids={ids}
          word={(id) => all.find((one) => one.id === id)?.words ?? null}
          find={find}
          onChange={onChange}
        />
      )}
    </SettingBox>
  );
}
