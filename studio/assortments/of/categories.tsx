import { levelName } from '../../../core/assortment/say.ts';
import {
  evaluateCategories,
  type CategoryAssortment,
  type CategoryReason,
} from '../../../core/assortment/others/categories.ts';
import { capital, listed } from '../../../core/sentence/sentence.ts';
import { t } from '../../ui/theme.ts';
import { useNames, useStudio } from '../../studioContext.tsx';
import { Switch } from '../../ui/Switch.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { Search } from '../../ui/Search.tsx';
import { SettingBox } from '../../settings/SettingBox.tsx';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useSet } from '../../settings/useSetting.ts';
import type { AssortmentKind } from './kind.ts';
import { LeaveOut } from './LeaveOut.tsx';
import { NamedOneByOne } from './NamedOneByOne.tsx';
import { OrderPick } from './OrderPick.tsx';
import { useCategorySearch } from '../useCategorySearch.ts';

const reasonWords: Record<CategoryReason, string> = {
  empty: 'empty',
  pictureless: 'no picture',
  catchAll: 'uncategorised',
  level: 'its level is left out',
  limit: 'over the limit',
};

type From = CategoryAssortment['choose']['from'];

/** Which categories, in which order, and which are left out. */
export const categories: AssortmentKind<'categories'> = {
  Which({ assortment, on }) {
    const { tree } = useStudio();
    const names = useNames();
    const set = useSet(on);
    const { choose, without, order } = assortment;
    const find = useCategorySearch();
    const deepest = Math.max(0, ...tree.all.map(({ id }) => tree.depth(id)));
    const { leftOut } = evaluateCategories(assortment, tree);
    const begin = (from: From) => {
      const parent = tree.roots.find((root) => tree.children(root.id).length > 0) ?? tree.roots[0];
      if (from === 'children') set('assortment.choose', { from, id: parent?.id ?? 1 });
      else if (from === 'named') set('assortment.choose', { from, ids: [] });
      else set('assortment.choose', { from });
    };
    return (
      <>
        <SettingBox id="assortment.choose">
          <Stack style={{ gap: 8 }}>
            <Pick<From>
              label="Which categories"
              value={choose.from}
              options={[
                { value: 'roots', words: 'Top categories' },
                { value: 'around', words: 'Subcategories of the page’s category' },
                { value: 'children', words: 'Subcategories of one category' },
                { value: 'named', words: 'Hand-picked' },
                { value: 'all', words: 'All, at every level' },
              ]}
              onChange={begin}
            />
            {choose.from === 'around' && <Hint>On other pages than those of categories: the top ones.</Hint>}
            {choose.from === 'children' && (
              <>
                <p>In {names.category(choose.id) ?? 'a removed category'}</p>
                <Search
                  label="Category"
                  shown={false}
                  placeholder="Type another"
                  opensAtOnce
                  find={find}
                  onChoose={(id) => set('assortment.choose', { from: 'children', id: Number(id) })}
                />
              </>
            )}
            {choose.from === 'named' && (
              <NamedOneByOne
                label="Category"
                ids={choose.ids}
                word={(id) => names.category(id) ?? null}
                find={find}
                onChange={(ids) => set('assortment.choose', { from: 'named', ids })}
              />
            )}
          </Stack>
        </SettingBox>
        <SettingBox id="assortment.without">
          <Stack style={{ gap: 6 }}>
            <LeaveOut
              without={without}
              kinds={{
                empty: 'Empty ones',
                pictureless: 'Ones without a picture',
                catchAll: 'Uncategorised',
              }}
              onChange={(next) => set('assortment.without', next)}
            />
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
            {leftOut.length > 0 && choose.from !== 'around' && (
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
        <OrderPick
          by={order.by}
          orders={{ own: 'Your own order', name: 'By name', count: 'Most products first', newest: 'Newest' }}
          named={choose.from === 'named'}
          on={on}
        />
      </>
    );
  },
};
