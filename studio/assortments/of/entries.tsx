import { SettingBox } from '../../settings/SettingBox.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { useStudio } from '../../studioContext.tsx';
import { ChosenFrom } from '../clauses/chosenFrom.tsx';
import { AllOrNamed } from './AllOrNamed.tsx';
import type { AssortmentKind } from './kind.ts';
import { OrderPick } from './OrderPick.tsx';

export const entries: AssortmentKind<'entries'> = {
  Which({ assortment, on }) {
    const { vocabulary } = useStudio();
    const set = useSet(on);
    const { ids, tags, order } = assortment;
    const known = [...new Set(vocabulary.entries.flatMap((entry) => entry.tags))].sort();
    return (
      <>
        <AllOrNamed
          what="journal entries"
          all={vocabulary.entries.map(({ id, title }) => ({ id, words: title }))}
          ids={ids}
          onChange={(next) => set('assortment.ids', next)}
        />
        <SettingBox id="assortment.tags">
          <p>With one of these tags; none for any</p>
          <ChosenFrom
            label="Tag"
            placeholder="Type a tag"
            all={known.map((tag) => ({ id: tag, words: tag }))}
            chosen={tags}
            onChange={(next) => set('assortment.tags', next)}
          />
        </SettingBox>
        <OrderPick
          by={order.by}
          orders={{ newest: 'Newest', oldest: 'Oldest', title: 'Title' }}
          named={ids !== null}
          on={on}
        />
      </>
    );
  },
};
