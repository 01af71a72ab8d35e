import type { CategoryAssortment } from '../../../../core/assortment/assortment.ts';
import type { Target } from '../../../../core/plan/commands.ts';
import { useNames, useStudio } from '../../../studioContext.tsx';
import { Switch } from '../../../ui/fields.tsx';
import { NamedList } from '../../../ui/NamedList.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { Search } from '../../../ui/Search.tsx';
import { SettingBox, Stack, useSet } from './controls.tsx';
import { useCategorySearch } from './useCategorySearch.ts';

type From = CategoryAssortment['choose']['from'];

/** Which categories, in which order, and which are left out. */
export function ShowsCategories({ assortment, on }: { assortment: CategoryAssortment; on: Target }) {
  const { tree } = useStudio();
  const names = useNames();
  const set = useSet(on);
  const { choose, without, order } = assortment;
  const find = useCategorySearch(choose.from === 'named' ? choose.ids : []);
  const begin = (from: From) => {
    const parent = tree.roots.find((root) => tree.children(root.id).length > 0) ?? tree.roots[0];
    if (from === 'children') set('assortment.choose', { from, id: parent?.id ?? 1 });
    else if (from === 'named') set('assortment.choose', { from, ids: [] });
    else set('assortment.choose', { from });
  };
  const leaveOut = (key: keyof CategoryAssortment['without'], words: string) => (
    <Switch on={without[key]} onChange={(value) => set('assortment.without', { ...without, [key]: value })}>
      {words}
    </Switch>
  );
  return (
    <>
      <SettingBox id="assortment.choose">
        <Stack style={{ gap: 8 }}>
          <Pick<From>
            label="Which categories"
            value={choose.from}
            options={[
              { value: 'roots', words: 'The main ones' },
              { value: 'children', words: 'Those in one category' },
              { value: 'named', words: 'Named one by one' },
              { value: 'all', words: 'All, at every level' },
            ]}
            onChange={begin}
          />
          {choose.from === 'children' && (
            <>
              <p>In {names.category(choose.id) ?? 'a category that is gone'}</p>
              <Search
                label="Category"
                shown={false}
                placeholder="Type another"
                find={find}
                onChoose={(id) => set('assortment.choose', { from: 'children', id: Number(id) })}
              />
            </>
          )}
          {choose.from === 'named' && (
            <>
              <NamedList
                items={choose.ids.map((id) => ({
                  id: String(id),
                  words: names.category(id) ?? `Category ${id}, which is gone`,
                }))}
                onRemove={(id) =>
                  set('assortment.choose', {
                    from: 'named',
                    ids: choose.ids.filter((one) => String(one) !== id),
                  })
                }
                onMove={(ids) => set('assortment.choose', { from: 'named', ids: ids.map(Number) })}
              />
              <Search
                label="Category"
                shown={false}
                placeholder="Type a category"
                find={find}
                onChoose={(id) =>
                  set('assortment.choose', { from: 'named', ids: [...choose.ids, Number(id)] })
                }
              />
            </>
          )}
        </Stack>
      </SettingBox>
      <SettingBox id="assortment.without">
        <Stack style={{ gap: 6 }}>
          <span>Leave out</span>
          {leaveOut('empty', 'Empty ones')}
          {leaveOut('pictureless', 'Ones without a picture')}
          {leaveOut('catchAll', 'The catch-all')}
        </Stack>
      </SettingBox>
      <SettingBox id="assortment.order">
        <Pick
          label="Order"
          value={order.by}
          options={[
            { value: 'own' as const, words: 'Your own order' },
            { value: 'name' as const, words: 'By name' },
            { value: 'count' as const, words: 'Fullest first' },
            ...(choose.from === 'named' ? [{ value: 'asNamed' as const, words: 'As named' }] : []),
          ]}
          onChange={(by) => set('assortment.order', { by })}
        />
      </SettingBox>
    </>
  );
}
