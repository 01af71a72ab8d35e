import type { CategoryTree } from '../../catalogue/categoryTree.ts';
import type { CategoryFacts } from '../../catalogue/facts.ts';
import { fold } from '../../catalogue/fold.ts';
import { array, boolean, idSchema, lazy, number, object, string, type Schema } from '../../schema/schema.ts';
import { said } from '../../schema/said.ts';
import { compareKeys } from '../compare.ts';
import { inParts, own, yesNo } from '../../settings/values.ts';
import { setting, type Complete } from '../../settings/setting.ts';
import type { Around } from '../kinds.ts';
import { limitSetting } from '../fallback.ts';
import { sayChoice, sayWithout } from '../say.ts';
import { otherOrder } from './otherOrder.ts';

/** Which categories of the tree. */
export type CategoryChoice =
  | { from: 'roots' }
  /** Those below the category that the page is about; elsewhere the main ones. */
  | { from: 'around' }
  | { from: 'children'; id: number }
  | { from: 'named'; ids: number[] }
  | { from: 'all' };

/** `levels`: depths that are left out, 0 for the main categories. */
export interface CategoriesWithout {
  empty: boolean;
  pictureless: boolean;
  catchAll: boolean;
  levels: number[];
}

export const MOST_LEVELS = 8;

const chooseSchemas: Record<CategoryChoice['from'], Schema> = {
  roots: object({ from: string().required() }).noUnknown(),
  around: object({ from: string().required() }).noUnknown(),
  all: object({ from: string().required() }).noUnknown(),
  children: object({ from: string().required(), id: idSchema }).noUnknown(),
  named: object({ from: string().required(), ids: array(idSchema).max(200).required() }).noUnknown(),
};

const chooseSchema = lazy((value: unknown) => {
  const from = (value as { from?: unknown } | null | undefined)?.from;
  return typeof from === 'string' && Object.hasOwn(chooseSchemas, from)
    ? chooseSchemas[from as 'roots']
    : object().test('known', `There is no choice of categories "${said(from)}".`, () => false);
}) as unknown as Schema;

const withoutSchema = object({
  empty: boolean().required(),
  pictureless: boolean().required(),
  catchAll: boolean().required(),
  levels: array(number().integer().min(0).max(MOST_LEVELS).required()).max(MOST_LEVELS).required(),
})
  .noUnknown()
  .required();

/** What can be set of a choice from the category tree (calculations §11). */
export const categorySettings = {
  choose: setting(
    inParts(own<CategoryChoice>(chooseSchema, (choose, names) => sayChoice(choose, names))),
    { from: 'roots' },
    { name: 'Which categories', find: ['categories', 'subcategories', 'parent'] },
  ),
  without: setting(
    inParts(own<CategoriesWithout>(withoutSchema, sayWithout)),
    { empty: true, pictureless: false, catchAll: true, levels: [] },
    { name: 'Left-out categories', find: ['empty', 'without picture', 'uncategorised', 'level'] },
  ),
  order: otherOrder(['own', 'name', 'count', 'newest', 'asNamed'], 'own'),
  /** Each on its own, or each parent with its subcategories after it. */
  grouped: setting(yesNo(), false, {
    name: 'With their subcategories',
    find: ['subcategories', 'grouped', 'parents'],
  }),
  limit: limitSetting,
};

export type CategoryAssortment = { of: 'categories' } & Complete<typeof categorySettings>;

/** Why a category that was chosen is not shown. */
export type CategoryReason = 'empty' | 'pictureless' | 'catchAll' | 'level' | 'limit';

export interface CategoryAnswer {
  kept: CategoryFacts[];
  leftOut: { category: CategoryFacts; reason: CategoryReason }[];
}

function reasonAgainst(
  category: CategoryFacts,
  { without }: CategoryAssortment,
  tree: CategoryTree,
): CategoryReason | null {
  if (without.levels.includes(tree.depth(category.id))) return 'level';
  if (without.catchAll && category.catchAll) return 'catchAll';
  if (without.empty && category.products === 0) return 'empty';
  return without.pictureless && !category.picture ? 'pictureless' : null;
}

function chosenFrom(choose: CategoryChoice, tree: CategoryTree, around: Around): readonly CategoryFacts[] {
  switch (choose.from) {
    case 'roots':
      return tree.roots;
    case 'around':
      return around?.of === 'category' ? tree.children(around.id) : tree.roots;
    case 'children':
      return tree.children(choose.id);
    case 'named':
      return [...new Set(choose.ids)].flatMap((id) => tree.byId(id) ?? []);
    case 'all':
      return tree.roots.flatMap((root) => tree.withBelow(root.id).map((id) => tree.byId(id)!));
  }
}

/**
 * The categories of an assortment in order, and what was left out and why. Those that are gone are passed over.
 * @param around the listing of the page that they are on
 */
export function evaluateCategories(
  assortment: CategoryAssortment,
  tree: CategoryTree,
  around: Around = null,
): CategoryAnswer {
  const { choose, order } = assortment;
  const chosen = chosenFrom(choose, tree, around);
  const all = assortment.grouped
    ? [...new Set(chosen.flatMap((one) => [one, ...tree.children(one.id)]))]
    : [...chosen];
  const leftOut: CategoryAnswer['leftOut'] = [];
  const kept = all.filter((category) => {
    const reason = reasonAgainst(category, assortment, tree);
    if (reason) leftOut.push({ category, reason });
    return !reason;
  });
  const key = (one: CategoryFacts): (number | string)[] => {
    if (order.by === 'name') return [fold(one.name), one.id];
    if (order.by === 'count') return [-one.products, one.id];
    if (order.by === 'newest') return [-one.createdAt, one.id];
    return order.by === 'own' && choose.from === 'named' ? [one.position, one.id] : [];
  };
  const sort = (list: readonly CategoryFacts[]) => [...list].sort((a, b) => compareKeys(key(a), key(b)));
  let sorted: CategoryFacts[];
  if (assortment.grouped) {
    // Children follow their own parent; one whose parent is not shown stands with the parents.
    const ids = new Set(kept.map(({ id }) => id));
    const below = (id: number) => sort(kept.filter((one) => one.parentId === id));
    const withChildren = (one: CategoryFacts): CategoryFacts[] => [
      one,
      ...below(one.id).flatMap(withChildren),
    ];
    sorted = sort(kept.filter((one) => one.parentId === null || !ids.has(one.parentId))).flatMap(
      withChildren,
    );
  } else sorted = sort(kept);
  const most = assortment.limit ?? Infinity;
  for (const category of sorted.slice(most)) leftOut.push({ category, reason: 'limit' });
  return { kept: sorted.slice(0, most), leftOut };
}
