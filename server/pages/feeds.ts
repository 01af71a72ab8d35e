import { feeds } from '../../core/feeds/index.ts';
import type { Feed } from '../../core/feeds/feed.ts';
import type { House } from '../../core/plan/house.ts';
import { showsPrices } from '../../core/catalogue/selling.ts';
import { soldAs } from '../../core/group/soldAs.ts';
import { readProducts } from '../catalogue/productRows.ts';
import type { Queryable } from '../db/pool.ts';

/** Products that are read at once. */
const BATCH = 200;
const NEEDS = ['brand', 'shortText', 'rating', 'category', 'code', 'onSaleFrom'] as const;

/** The feed at a file, if it is switched on. */
export const feedAt = (file: string, { shop }: House): Feed | null =>
  feeds.find((feed) => feed.file === file && shop.feeds[feed.id]) ?? null;

/** Every product that can be seen, as a feed tells of it, some hundreds at a time. */
export async function* feedOf(
  feed: Feed,
  house: House,
  { db, origin, now }: { db: Queryable; origin: string; now: number },
): AsyncGenerator<string> {
  const { storeName: name, locale, currency } = house;
  const store = { name, locale, currency, origin, now };
  yield feed.begin(store);
  let first = true;
  for (let after = 0; ;) {
    const { rows } = await db.query<{ id: number }>(
      `SELECT id FROM product WHERE id > $1 AND on_sale_from <= $2 ORDER BY id LIMIT ${BATCH}`,
      [after, new Date(now)],
    );
    if (rows.length === 0) break;
    after = rows.at(-1)!.id;
    const ids = rows.map(({ id }) => id);
    const products = await readProducts(db, ids, NEEDS);
    for (const product of ids.flatMap((id) => products.get(id) ?? [])) {
      yield feed.item({ product, withPrice: showsPrices(soldAs(product, house)) }, store, first);
      first = false;
    }
  }
  yield feed.end;
}
