import type { BayRef } from '../../../core/plan/bay.ts';
import { bayName } from '../../../core/plan/places.ts';
import { canGive, giverOfBay, onItsOwn, sameAsThis, sameRef } from '../../../core/plan/sameAs.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Hint } from '../Stack.tsx';
import { SettingBox } from '../SettingBox.tsx';
import type { OwnControlProps } from './ownControl.ts';

const OWN = '(own)';
const keyOf = ({ page, bay }: BayRef) => `${page}/${bay}`;

/** Whether a bay has words and a look of its own, or those of one of another page, which are then set together. */
export function SameBay({ page, bayId, setting }: Pick<OwnControlProps, 'page' | 'bayId' | 'setting'>) {
  const { draft } = useStudio();
  const stored = useDraft((state) => state.draft);
  const plan = useDraft((state) => state.plan);
  const { pages } = stored;
  const own = pages[page.pageId]?.bays.find(({ id }) => id === bayId);
  if (!own) return null;
  const ref: BayRef = { page: page.pageId, bay: bayId };
  const giver = giverOfBay(pages, ref);
  const isOwn = sameRef(giver, ref);
  const nameOf = (one: BayRef) => {
    const there = plan.pages[one.page];
    const bay = there?.bays.find(({ id }) => id === one.bay);
    return there && bay ? `${there.name}: ${bayName(bay, plan)}` : 'A bay of a deleted page';
  };
  const followers = sameAsThis(pages, ref);
  if (followers.length > 0) return <Hint>Also on {followers.map(nameOf).join('; ')}.</Hint>;
  const others = canGive(pages, page.pageId, own).filter((one) => plan.pages[one.page]);
  if (others.length === 0 && isOwn) return null;
  const choices = isOwn || others.some((one) => sameRef(one, giver)) ? others : [...others, giver];
  const choose = (key: string) => {
    const chosen = choices.find((one) => keyOf(one) === key);
    const document = pages[page.pageId]!;
    const bays = document.bays.map((bay) => {
      if (bay.id !== bayId) return bay;
      return chosen ? { ...bay, sameAs: chosen } : onItsOwn(pages, page.pageId, bay);
    });
    draft.run({ do: 'putDocument', key: `page:${page.pageId}`, document: { ...document, bays } });
  };
  return (
    <SettingBox id={setting.id}>
      <Pick
        label={setting.name}
        value={isOwn ? OWN : keyOf(giver)}
        options={[
          { value: OWN, words: 'Its own' },
          ...choices.map((one) => ({ value: keyOf(one), words: `As ${nameOf(one)}` })),
        ]}
        onChange={choose}
      />
      {!isOwn && <Hint>What is changed here is changed there too.</Hint>}
    </SettingBox>
  );
}
