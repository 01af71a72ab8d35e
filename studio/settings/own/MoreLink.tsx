import type { Assortment } from '../../../core/assortment/assortment.ts';
import { isGroup } from '../../../core/assortment/rule.ts';
import type { CategoryTree } from '../../../core/catalogue/categoryTree.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import type { OwnControlProps } from './ownControl.ts';
import { SettingControl } from '../SettingControl.tsx';
import { useSet } from '../useSetting.ts';

/** The category that a selection is limited to, where it is one alone, and where all of it is. */
function oneCategory(assortment: Assortment, tree: CategoryTree): { name: string; href: string } | null {
  if (assortment.of !== 'products' || assortment.rule.join !== 'all') return null;
  const ids = assortment.rule.parts.flatMap((part) =>
    !isGroup(part) && part.is === 'category' ? [part.ids] : [],
  );
  const [only] = ids[0] ?? [];
  const category =
    ids.length === 1 && ids[0]!.length === 1 && only !== undefined ? tree.byId(only) : undefined;
  return category ? { name: category.name, href: `/category/${category.slug}` } : null;
}

/** Where the button for more leads; all of the one category that is shown is offered. */
export function MoreLink({ shelf, ...props }: OwnControlProps) {
  const { tree } = useStudio();
  const plan = useDraft((state) => state.plan);
  const set = useSet(props.on);
  const all = shelf && oneCategory(assortmentOf(plan, shelf), tree);
  return (
    <>
      <SettingControl {...props} />
      {all && props.value !== all.href && (
        <Button onPress={() => set(props.setting.id, all.href)}>Link to all of {all.name}</Button>
      )}
    </>
  );
}
