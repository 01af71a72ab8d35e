import type { Around } from '../../core/assortment/kinds.ts';
import { storeDay } from '../../core/catalogue/storeTime.ts';
import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import type { Page } from '../../core/plan/page.ts';
import type { PageOf } from '../../core/plan/pageKinds.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { viewAwaiting, type PageAddress, type PageInput } from '../../core/view/pageView.ts';
import type { PageView } from '../../core/view/view.ts';
import { answerItems } from '../assortments/answer.ts';
import { readFacts, readOrderCount, worldOf, type Facts, type SeenBy } from '../assortments/facts.ts';
import { readRecord } from '../assortments/records.ts';
import { readEntry } from '../catalogue/groupRows.ts';
import { readProductDetail } from '../catalogue/productRows.ts';
import type { Queryable } from '../db/pool.ts';
import { readPictures } from '../pictures/pictureRows.ts';

/** What was asked for, already checked. */
export type Wanted =
  | { of: 'home' | 'shop' | 'journal' }
  | { of: 'category' | 'collection' | 'entry'; slug: string }
  | { of: 'product'; slug: string; variantId: number | null };

const pageOfKind = (plan: Plan, kind: PageOf): Page | undefined =>
  Object.values(plan.pages).find((page) => page.kind === kind);

/** First instant after `now` at which a product or an entry that is already there comes out; null for none. */
async function nextOut(db: Queryable, now: number): Promise<number | null> {
  const { rows } = await db.query<{ at: Date | null }>(
    `SELECT least((SELECT min(on_sale_from) FROM product WHERE on_sale_from > $1),
       (SELECT min(published_at) FROM journal_entry WHERE published_at > $1)) AS at`,
    [new Date(now)],
  );
  return rows[0]?.at?.getTime() ?? null;
}

const earliest = (...instants: (number | null)[]): number | null => {
  const known = instants.filter((instant) => instant !== null);
  return known.length ? Math.min(...known) : null;
};

/** A bay that differs from shopper to shopper. */
export interface OwnBay {
  bay: string;
  /** Products this shopper has looked at. */
  lookedAt: readonly number[];
}

/** A page with no more than one of its bays needs: those above it only where it leaves out what they show. */
function onlyWith(page: Page, plan: Plan, bayId: string): Page {
  const at = page.bays.findIndex(({ id }) => id === bayId);
  const bay = page.bays[at];
  if (!bay) return { ...page, bays: [] };
  const above = bay.holds === 'shelf' && plan.shelves[bay.shelfId]?.notTwice ? page.bays.slice(0, at) : [];
  return { ...page, bays: [...above, bay] };
}

export interface Storefront {
  facts(): Promise<Facts>;
  tree(): Promise<CategoryTree>;
  /**
   * The view of a page; null where there is no such thing.
   * @param own what one shopper sees of one bay; without it, what everybody sees of the whole page
   */
  view(plan: Plan, wanted: Wanted, address: PageAddress, now: number, own?: OwnBay): Promise<PageView | null>;
  /** The catalogue has changed. */
  forget(): void;
}

/** What the page is about; null where there is no such thing. */
async function aboutOf(
  db: Queryable,
  facts: Facts,
  wanted: Wanted,
  now: number,
): Promise<{ input: Partial<PageInput>; around: Around } | null> {
  if (wanted.of === 'category') {
    const category = facts.tree.bySlug(wanted.slug);
    return category
      ? { input: { categoryId: category.id }, around: { of: 'category', id: category.id } }
      : null;
  }
  if (wanted.of === 'collection') {
    const collection = facts.collections.find(({ slug }) => slug === wanted.slug);
    return collection ? { input: { collection }, around: { of: 'collection', id: collection.id } } : null;
  }
  if (wanted.of === 'entry') {
    const entry = await readEntry(db, wanted.slug, now);
    return entry ? { input: { entry }, around: null } : null;
  }
  if (wanted.of === 'product') {
    const product = await readProductDetail(db, wanted.slug, wanted.variantId);
    return product ? { input: { product }, around: null } : null;
  }
  return { input: {}, around: null };
}

/** Makes views of pages from a plan and the catalogue as it is now. */
export function storefront(db: Queryable, rollWindows: (today: number) => void): Storefront {
  let known: Promise<Facts> | null = null;
  const facts = () => {
    known ??= readFacts(db);
    const asked = known;
    asked.catch(() => known === asked && (known = null));
    return asked;
  };
  return {
    facts,
    tree: () => facts().then(({ tree }) => tree),
    forget: () => (known = null),
    async view(plan, wanted, address, now, own) {
      const whole = pageOfKind(plan, wanted.of);
      if (!whole) return null;
      const page = own ? onlyWith(whole, plan, own.bay) : whole;
      const at = await facts();
      const today = storeDay(now, plan.house.timeZone);
      if (at.soldWindowsAsOf !== today) rollWindows(today);
      const about = await aboutOf(db, at, wanted, now);
      if (!about) return null;
      const pictures = await readPictures(
        db,
        page.bays.flatMap((bay) => (bay.holds === 'banner' && bay.pictureId ? [bay.pictureId] : [])),
      );
      const { product } = about.input;
      const seenBy: SeenBy = {
        around: about.around,
        lookedAt: own?.lookedAt ?? [],
        product: product ? await readRecord(db, product.id) : null,
      };
      const world = worldOf(at, plan.house, now, seenBy, product ? await readOrderCount(db) : 0);
      const view = await viewAwaiting(
        {
          plan,
          page,
          now,
          tree: at.tree,
          pictures: (id) => pictures.get(id),
          address,
          keepsRoom: !own,
          ...about.input,
        },
        (request) => answerItems(db, request, at, world),
      );
      return { ...view, goodUntil: earliest(view.goodUntil, await nextOut(db, now)) };
    },
  };
}
