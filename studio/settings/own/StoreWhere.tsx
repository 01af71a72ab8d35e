import { fold } from '../../../core/catalogue/fold.ts';
import {
  currencyCodes,
  LOCALES,
  sayCurrency,
  sayLocale,
  sayTimeZone,
  timeZones,
} from '../../../core/catalogue/storeWhere.ts';
import { Search } from '../../ui/Search.tsx';
import { Hint, Stack } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

/** Of a long list that is gone through by typing, so many are shown. */
const MOST_FOUND = 40;

type Props = Omit<OwnControlProps, 'value'> & { value: string };

/** One of a known list, found by typing a part of its name. */
const knownOf = (values: () => readonly string[], say: (value: string) => string) =>
  function KnownValue({ on, setting: { id, name, about }, value }: Props) {
    const set = useSet(on);
    const find = (words: string) =>
      values()
        .map((one) => ({ id: one, words: say(one) }))
        .filter((one) => fold(`${one.words} ${one.id}`).includes(fold(words)))
        .slice(0, MOST_FOUND);
    return (
      <Stack data-setting={id} style={{ gap: 4 }}>
        <div>
          {name}: <b>{say(value)}</b>
        </div>
        <Search
          label={name}
          shown={false}
          placeholder="Another: type a part of its name"
          find={find}
          onChoose={(next) => set(id, next)}
        />
        {about && <Hint>{about}</Hint>}
      </Stack>
    );
  };

export const StoreLocale = knownOf(() => LOCALES, sayLocale);
export const StoreCurrency = knownOf(currencyCodes, sayCurrency);
export const StoreTimeZone = knownOf(timeZones, sayTimeZone);
