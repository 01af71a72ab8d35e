import { SORTS, type SortId } from '../../../core/listing/sorts.ts';
import { CheckGroup } from '../../ui/CheckGroup.tsx';
import { SettingBox } from '../SettingBox.tsx';
import { Hint } from '../Stack.tsx';
import { useSet } from '../useSetting.ts';
import type { OwnControlProps } from './ownControl.ts';

/** The ways in which shoppers may sort a list, in the order in which they are always listed. */
export function ListSorts({
  on,
  setting,
  value,
}: Pick<OwnControlProps, 'on' | 'setting'> & { value: readonly SortId[] }) {
  const set = useSet(on);
  return (
    <SettingBox id={setting.id}>
      <CheckGroup
        label={setting.name}
        options={SORTS.map(({ id, name }) => ({ value: id, words: name }))}
        value={value}
        onChange={(next) =>
          set(
            setting.id,
            SORTS.flatMap(({ id }) => (next.includes(id) ? [id] : [])),
          )
        }
      />
      {setting.about && <Hint>{setting.about}</Hint>}
    </SettingBox>
  );
}
