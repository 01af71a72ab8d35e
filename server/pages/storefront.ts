import { categoryTree, type CategoryTree } from '../../core/catalogue/categoryTree.ts';
import { storeDay } from '../../core/catalogue/storeTime.ts';
import type { Page, PageOf } from '../../core/plan/page.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { viewAwaiting, type PageAddress } from '../../core/view/pageView.ts';
import type { PageView } from '../../core/view/view.ts';
import { answerItems } from '../assortments/answer.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import { readProductDetail } from '../catalogue/productRows.ts';
import type { Queryable } from '../db/pool.ts';
import { readPictures } from '../pictures/pictureRows.ts';

/** What was asked for, already checked. */
export type Wanted =
  | { of: 'home' | 'shop' }
  | { of: 'category'; slug: string }
  | { of: 'product'; slug: string; variantId: number | null };

const pageOfKind = (plan: Plan, kind: PageOf): Page | undefined =>
  Object.values(plan.pages).find((page) => page.kind === kind);

/** First instant after `now` at which a product that is already entered goes on sale; null for none. */
async function nextOnSale(db: Queryable, now: number): Promise<number | null> {
  const { rows } = await db.query<{ at: Date | null }>(
    'SELECT min(on_sale_from) AS at FROM product WHERE on_sale_from > $1',
    [new Date(now)],
  );
  return rows[0]?.at?.getTime() ?? null;
}

const earliest = (...instants: (number | null)[]): number | null => {
  const known = instants.filter((instant) => instant !== null);
  return known.length ? Math.min(...known) : null;
};

export interface Storefront {
  tree(): Promise<CategoryTree>;
  /** The view of a page; null where there is no such thing. */
  view(plan: Plan, wanted: Wanted, address: PageAddress, now: number): Promise<PageView | null>;
  /** The catalogue has changed. */
  forget(): void;
}

/** Makes views of pages from a plan and the catalogue as it is now. */
export function storefront(db: Queryable): Storefront {
  let known: Promise<CategoryTree> | null = null;
  const tree = () => {
    known ??= readCategories(db).then(categoryTree);
    const asked = known;
    asked.catch(() => known === asked && (known = null));
    return asked;
  };
  return {
    tree,
    forget: () => (known = null),
    async view(plan, wanted, address, now) {
      const page = pageOfKind(plan, wanted.of);
      if (!page) return null;
      const categories = await tree();
      const category = wanted.of === 'category' ? categories.bySlug(wanted.slug) : undefined;
      if (wanted.of === 'category' && !category) return null;
      const product =
        wanted.of === 'product' ? await readProductDetail(db, wanted.slug, wanted.variantId) : null;
      if (wanted.of === 'product' && !product) return null;
      const pictures = await readPictures(
        db,
        page.bays.flatMap((bay) => (bay.holds === 'banner' && bay.pictureId ? [bay.pictureId] : [])),
      );
      const world = {
        tree: categories,
        today: storeDay(now, plan.house.timeZone),
        around: category?.id ?? null,
      };
      const view = await viewAwaiting(
        {
          plan,
          page,
          now,
          tree: categories,
          pictures: (id) => pictures.get(id),
          address,
          product,
          categoryId: category?.id ?? null,
        },
        (request) => answerItems(db, request, world),
      );
      return { ...view, goodUntil: earliest(view.goodUntil, await nextOnSale(db, now)) };
    },
  };
}
