import { giverOf, laidOutLike, setApart } from '../../../core/plan/like.ts';
import { shelvesOf } from '../../../core/plan/places.ts';
import { useArranging } from '../../arrange/arrangeContext.tsx';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { GiverPick } from './GiverPick.tsx';
import type { OwnControlProps } from './ownControl.ts';

/** Whether a shelf has a layout and a look of its own, or those of another of its page. */
export function LikeShelf({ shelf, setting }: Pick<OwnControlProps, 'shelf' | 'setting'>) {
  const { draft } = useStudio();
  const { page } = useArranging();
  const stored = useDraft((state) => state.draft);
  const own = shelf && stored.shelves[shelf.id];
  if (!own) return null;
  const { shelves } = stored;
  const giver = giverOf(shelves, own.id);
  return (
    <GiverPick
      setting={setting}
      giver={giver === own.id ? null : giver}
      others={page.bays
        .flatMap((bay) => [...shelvesOf(bay)])
        .filter((id) => id !== own.id && giverOf(shelves, id) === id && Object.hasOwn(shelves, id))}
      followers={Object.keys(shelves).filter((id) => id !== own.id && giverOf(shelves, id) === own.id)}
      nameOf={(id) => shelves[id]?.name ?? 'Shelf'}
      onChoose={(id) =>
        draft.run({
          do: 'putDocument',
          key: `shelf:${own.id}`,
          document: id === null ? setApart(shelves, own) : laidOutLike(own, id),
        })
      }
    />
  );
}
