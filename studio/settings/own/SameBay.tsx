import type { BayRef } from '../../../core/plan/bay.ts';
import { bayName } from '../../../core/plan/places.ts';
import { canGive, giverOfBay, keyOfBay, onItsOwn, sameAsThis, sameRef } from '../../../core/plan/sameAs.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { GiverPick } from './GiverPick.tsx';
import type { OwnControlProps } from './ownControl.ts';

/** Whether a bay has words and a look of its own, or those of one of another page, which are then set together. */
export function SameBay({ page, bayId, setting }: Pick<OwnControlProps, 'page' | 'bayId' | 'setting'>) {
  const { draft } = useStudio();
  const { pages } = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const document = pages[page.pageId];
  const own = document?.bays.find(({ id }) => id === bayId);
  if (!own) return null;
  const ref: BayRef = { page: page.pageId, bay: bayId };
  const giver = giverOfBay(pages, ref);
  const others = canGive(pages, page.pageId, own).filter((one) => plan.pages[one.page]);
  const followers = sameAsThis(pages, ref);
  const byKey = new Map([...others, ...followers, giver].map((one) => [keyOfBay(one), one]));
  const nameOf = (key: string) => {
    const { page: on, bay: id } = byKey.get(key)!;
    const there = plan.pages[on];
    const bay = there?.bays.find((one) => one.id === id);
    return there && bay ? `${there.name}: ${bayName(bay, plan)}` : 'A bay of a deleted page';
  };
  const choose = (key: string | null) => {
    if (key !== null) return draft.run({ do: 'set', on: ref, setting: 'sameAs', value: byKey.get(key) });
    const bays = document!.bays.map((bay) => (bay === own ? onItsOwn(pages, page.pageId, bay) : bay));
    return draft.run({ do: 'putDocument', key: `page:${page.pageId}`, document: { ...document!, bays } });
  };
  return (
    <GiverPick
      setting={setting}
      giver={sameRef(giver, ref) ? null : keyOfBay(giver)}
      others={others.map(keyOfBay)}
      followers={followers.map(keyOfBay)}
      nameOf={nameOf}
      onChoose={choose}
    />
  );
}
