import { SettingBox } from '../../settings/SettingBox.tsx';
import { Stack } from '../../settings/Stack.tsx';
import { useSet } from '../../settings/useSetting.ts';
import { useStudio } from '../../studioContext.tsx';
import { AllOrNamed } from './AllOrNamed.tsx';
import { LeaveOut } from './LeaveOut.tsx';
import type { AssortmentKind } from './kind.ts';
import { OrderPick } from './OrderPick.tsx';

export const collections: AssortmentKind<'collections'> = {
  Which({ assortment, on }) {
    const { vocabulary } = useStudio();
    const set = useSet(on);
    const { ids, without, order } = assortment;
    return (
      <>
        <AllOrNamed
          what="collections"
          all={vocabulary.collections.map(({ id, name }) => ({ id, words: name }))}
          ids={ids}
          onChange={(next) => set('assortment.ids', next)}
        />
        <SettingBox id="assortment.without">
          <Stack style={{ gap: 6 }}>
            <LeaveOut
              without={without}
              kinds={{ empty: 'Empty ones', pictureless: 'Ones without a picture' }}
              onChange={(next) => set('assortment.without', next)}
            />
          </Stack>
        </SettingBox>
        <OrderPick
          by={order.by}
          orders={{ own: 'Your own order', name: 'By name', count: 'Most products first' }}
          named={ids !== null}
          on={on}
        />
      </>
    );
  },
};
