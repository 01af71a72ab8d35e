import { levelName } from '../../core/assortment/say.ts';
import {
  evaluateCategories,
  type CategoryAssortment,
  type CategoryReason,
} from '../../core/assortment/others/categories.ts';
import { capital, listed } from '../../core/sentence/sentence.ts';
import { t } from '../ui/theme.ts';
import type { Target } from '../../core/plan/commands.ts';
import { useNames, useStudio } from '../studioContext.tsx';
import { Switch } from '../ui/fields.tsx';
import { NamedList } from '../ui/NamedList.tsx';
import { Pick } from '../ui/Pick.tsx';
import { Search } from '../ui/Search.tsx';
import { SettingBox, Stack, useSet } from '../arrange/spec/lines/controls.tsx';
import { useCategorySearch } from './useCategorySearch.ts';

const reasonWords: Record<CategoryReason, string> = {
  empty: 'empty',
  pictureless: 'no picture',
  catchAll: 'the catch-all',
  level: 'its level is left out',
  limit: 'beyond the greatest number',
};

type From = CategoryAssortment['choose']['from'];

/** Which categories, in which order, and which are left out. */
export function CategoriesControls({ assortment, on }: { assortment: CategoryAssortment; on: Target }) {
  const { tree } = useStudio();
  const names = useNames();
  const set = useSet(on);
  const { choose, without, order } = assortment;
  const find = useCategorySearch(choose.from === 'named' ? choose.ids : []);
  const deepest = Math.max(0, ...tree.all.map(({ id }) => tree.depth(id)));
  const { leftOut } = evaluateCategories(assortment, tree);
  const begin = (from: From) => {
    const parent = tree.roots.find((root) => tree.children(root.id).length > 0) ?? tree.roots[0];
    if (from === 'children') set('assortment.choose', { from, id: parent?.id ?? 1 });
    else if (from === 'named') set('assortment.choose', { from, ids: [] });
    else set('assortment.choose', { from });
  };
  const leaveOut = (key: 'empty' | 'pictureless' | 'catchAll', words: string) => (
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
          {Array.from({ length: deepest + 1 }, (_, depth) => (
            <Switch
              key={depth}
              on={without.levels.includes(depth)}
              onChange={(out) =>
                set('assortment.without', {
                  ...without,
                  levels: out
                    ? [...without.levels, depth].sort()
                    : without.levels.filter((level) => level !== depth),
                })
              }
            >
              {capital(levelName(depth))}
            </Switch>
          ))}
          {leftOut.length > 0 && (
            <p style={{ color: t.ink2 }}>
              Not shown:{' '}
              {listed(
                leftOut
                  .slice(0, 6)
                  .map(({ category, reason }) => `${category.name} (${reasonWords[reason]})`),
              )}
              {leftOut.length > 6 && ` and ${leftOut.length - 6} more`}
            </p>
          )}
        </Stack>
      </SettingBox>
      <SettingBox id="assortment.grouped">
        <Switch on={assortment.grouped} onChange={(grouped) => set('assortment.grouped', grouped)}>
          Each with its children after it
        </Switch>
      </SettingBox>
      <SettingBox id="assortment.order">
        <Pick
          label="Order"
          value={order.by}
          options={[
            { value: 'own' as const, words: 'Your own order' },
            { value: 'name' as const, words: 'By name' },
            { value: 'count' as const, words: 'Fullest first' },
            { value: 'newest' as const, words: 'Newest' },
            ...(choose.from === 'named' ? [{ value: 'asNamed' as const, words: 'As named' }] : []),
          ]}
          onChange={(by) => set('assortment.order', { by })}
        />
      </SettingBox>
    </>
  );
}
