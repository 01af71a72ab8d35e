import type { Command } from '../../../core/plan/commands.ts';
import { giverOf, laidOutLike, setApart } from '../../../core/plan/like.ts';
import { shelvesOf } from '../../../core/plan/places.ts';
import { useArranging } from '../../arrange/arrangeContext.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Hint } from '../Stack.tsx';
import { SettingBox } from '../SettingBox.tsx';
import type { OwnControlProps } from './ownControl.ts';

const OWN = '(own)';

/** Whether a shelf has a layout and a look of its own, or those of another of its page. */
export function LikeShelf({ shelf, setting }: Pick<OwnControlProps, 'shelf' | 'setting'>) {
  const { draft } = useStudio();
  const { page } = useArranging();
  const stored = useDraft((state) => state.draft);
  const own = shelf && stored.shelves[shelf.id];
  if (!own) return null;
  const { shelves } = stored;
  const nameOf = (id: string) => shelves[id]?.name ?? 'Shelf';
  const giver = giverOf(shelves, own.id);
  const followed = Object.values(shelves).filter(
    (one) => one.id !== own.id && giverOf(shelves, one.id) === own.id,
  );
  const others = [...new Set(page.bays.flatMap((bay) => [...shelvesOf(bay)]))].filter(
    (id) => id !== own.id && giverOf(shelves, id) === id && Object.hasOwn(shelves, id),
  );
  const put = (document: typeof own): Command => ({ do: 'putDocument', key: `shelf:${own.id}`, document });
  if (followed.length > 0)
    return <Hint>Also for {followed.map(({ name }) => `"${name ?? 'Shelf'}"`).join(', ')}.</Hint>;
  if (others.length === 0 && giver === own.id) return null;
  return (
    <SettingBox id={setting.id}>
      <Pick
        label={setting.name}
        value={giver === own.id ? OWN : giver}
        options={[
          { value: OWN, words: 'Its own' },
          ...[...new Set([...others, ...(giver === own.id ? [] : [giver])])].map((id) => ({
            value: id,
            words: `As "${nameOf(id)}"`,
          })),
        ]}
        onChange={(id) => draft.run(put(id === OWN ? setApart(shelves, own) : laidOutLike(own, id)))}
      />
      {giver !== own.id && <Hint>What is changed here is changed there too.</Hint>}
    </SettingBox>
  );
}
