import { startOfStoreDay, storeDay } from '../core/catalogue/storeTime.ts';
import { inTransaction, type Pool } from '../server/db/pool.ts';
import { writeWholeDraft } from '../server/drafts/draftRows.ts';
import { addPictureRow } from '../server/pictures/storeRows.ts';
import { insertRelease } from '../server/publish/releaseRows.ts';
import { demoPlan } from './plan.ts';
import { flatten, insertCategories, insertCollections, insertJournal } from './seed/groups.ts';
import { bannerScene, drawPictures, pictureNames } from './seed/pictures.ts';
import { insertProducts } from './seed/products.ts';
import { insertTrade } from './seed/trade.ts';
import { categorySeeds } from './store/categories.ts';
import { collectionSeeds } from './store/collections.ts';
import { glazes } from './store/glazes.ts';
import { productSeeds } from './store/products.ts';

const ZONE = 'Europe/London';
const MINUTE = 60_000;

export interface SeedOptions {
  /** UTC ms; the store's 120 days end with its day. */
  now: number;
  /** Pictures at this share of their size, for tests that have no eye for them. */
  pictureScale?: number;
  log?: (line: string) => void;
}

/**
 * Fills an empty database with Kelverstone Clayworks. The same day gives the same store to the byte: ids,
 * texts, pictures, prices, orders and events come from fixed seeds; only dates are reckoned from the day.
 */
export async function seedDemo(
  pool: Pool,
  { now, pictureScale = 1, log = () => undefined }: SeedOptions,
): Promise<void> {
  const today = storeDay(now, ZONE);
  const endOfDay = startOfStoreDay(today + 1, ZONE);
  const agoIso = (minutes: number) => new Date(Math.min(endOfDay - minutes * MINUTE, now)).toISOString();
  const categories = flatten(categorySeeds);
  const products = productSeeds();

  log('Drawing pictures …');
  const pictures = await drawPictures(products, categories, pictureScale);

  log('Filling the shelves …');
  await inTransaction(pool, async (client) => {
    const names = pictureNames(pictures, products, categories);
    for (const picture of pictures.all)
      await addPictureRow(client, picture, {
        name: names.get(picture.id) ?? '',
        alt: picture.id === pictures.of(bannerScene) ? 'A tall blue vase, a white bowl and a green jug' : '',
        focal: picture.id === pictures.of(bannerScene) ? { x: 0.5, y: 0.5 } : { x: 0.5, y: 0.55 },
      });

    const categoryIds = new Map(categories.map((one, i) => [one.slug, i + 1]));
    await insertCategories(client, categories, categoryIds, pictures, agoIso(900 * 1440));
    await insertProducts(client, products, categoryIds, pictures, endOfDay);
    await insertTrade(client, products, ZONE, agoIso);
    await insertCollections(client, products, pictures);
    await insertJournal(client, pictures, agoIso);

    for (const table of [
      'category',
      'brand',
      'product',
      'option',
      'option_value',
      'variant',
      'collection',
      'journal_entry',
      'shop_order',
    ])
      await client.query(
        `SELECT setval(pg_get_serial_sequence($1, 'id'), (SELECT coalesce(max(id), 1) FROM ${table}))`,
        [table],
      );
    const glazeIds = new Map(glazes.map(({ name }, i) => [name, i + 1]));
    const collectionIds = new Map(collectionSeeds.map(({ slug }, i) => [slug, i + 1]));
    const plan = demoPlan(pictures.of(bannerScene), {
      category: (slug) => categoryIds.get(slug)!,
      collection: (slug) => collectionIds.get(slug)!,
      glaze: (name) => glazeIds.get(name)!,
    });
    await writeWholeDraft(client, plan, null);
    await insertRelease(client, { plan, changes: ['The store as it began'], accountId: null, now });
  });
  await pool.query('ANALYZE');
}
