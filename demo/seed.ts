import sharp from 'sharp';
import { fold } from '../core/catalogue/fold.ts';
import { startOfStoreDay, storeDay } from '../core/catalogue/storeTime.ts';
import { inTransaction, type Pool } from '../server/db/pool.ts';
import { writeWholeDraft } from '../server/drafts/draftRows.ts';
import { ingestPicture, type StoredPicture } from '../server/pictures/ingest.ts';
import { insertPicture } from '../server/pictures/pictureRows.ts';
import { insertRelease } from '../server/publish/releaseRows.ts';
import { sceneSvg, swatchSvg, type Scene } from './pictures/scene.ts';
import { demoPlan } from './plan.ts';
import { categorySeeds, thing, type CategorySeed } from './store/categories.ts';
import { collectionSeeds } from './store/collections.ts';
import { glazes } from './store/glazes.ts';
import { journalSeeds } from './store/journal.ts';
import { brands, productSeeds, type ProductSeed } from './store/products.ts';
import { eventSeeds, orderSeeds } from './store/trade.ts';

const ZONE = 'Europe/London';
const MINUTE = 60_000;
const DAY = 86_400_000;

export interface SeedOptions {
  /** UTC ms; the store's 120 days end with its day. */
  now: number;
  /** Pictures at this share of their size, for tests that have no eye for them. */
  pictureScale?: number;
  log?: (line: string) => void;
}

const bannerScene: Scene = {
  seed: 'banner',
  width: 1800,
  height: 760,
  ground: '#d9ccb4',
  aside: 0.21,
  things: [
    thing('tallVase', 'Inkwell', [], 0.62),
    thing('deepBowl', 'Chalk', [], 0.62),
    thing('jug', 'Samphire', ['handle', 'lip'], 0.56),
  ],
};

/** Draws every picture once, two at a time, since that is where the time goes. */
async function drawAll(scenes: readonly { key: string; svg: string }[]): Promise<Map<string, StoredPicture>> {
  const drawn = new Map<string, StoredPicture>();
  const queue = [...new Map(scenes.map((scene) => [scene.key, scene])).values()];
  const work = async () => {
    for (let next = queue.pop(); next; next = queue.pop())
      drawn.set(next.key, await ingestPicture(Buffer.from(next.svg)));
  };
  await Promise.all(Array.from({ length: 2 }, work));
  return drawn;
}

/** Inserts rows given as objects, in one statement. */
async function insertRows(
  client: Pick<Pool, 'query'>,
  table: string,
  columns: Record<string, string>,
  rows: readonly object[],
): Promise<void> {
  if (rows.length === 0) return;
  const names = Object.keys(columns).join(', ');
  const types = Object.entries(columns)
    .map(([name, type]) => `${name} ${type}`)
    .join(', ');
  await client.query(
    `INSERT INTO ${table} (${names}) SELECT ${names} FROM jsonb_to_recordset($1::jsonb) AS row (${types})`,
    [JSON.stringify(rows)],
  );
}

function flatten(
  seeds: readonly CategorySeed[],
  parent: string | null = null,
): (CategorySeed & { parent: string | null; position: number })[] {
  return seeds.flatMap((seed, position) => [
    { ...seed, parent, position },
    ...flatten(seed.below ?? [], seed.slug),
  ]);
}

const scaled = (scene: Scene, share: number): Scene => ({
  ...scene,
  width: Math.round(scene.width * share),
  height: Math.round(scene.height * share),
});

const sceneKey = (scene: Scene) => JSON.stringify(scene);

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
  const still = (things: Scene['things'], seed: string, width = 800, height = 800): Scene => ({
    seed,
    width,
    height,
    things,
    ground: '#e6ddcd',
  });
  const categoryScene = (seed: CategorySeed) => still(seed.picture ?? [], `category ${seed.slug}`);

  log('Drawing pictures …');
  const scenes: Scene[] = [
    bannerScene,
    ...categories.filter((one) => one.picture).map(categoryScene),
    ...collectionSeeds.map((one) => still(one.picture, one.slug, 1400, 700)),
    ...journalSeeds.map((one) => still(one.picture, one.slug, 1200, 800)),
    ...products.flatMap((one) => [
      ...one.pictures.map(({ scene }) => scene),
      ...one.variants.flatMap(({ picture }) => picture ?? []),
    ]),
  ];
  sharp.concurrency(1);
  const pictures = await drawAll([
    ...scenes.map((scene) => ({ key: sceneKey(scene), svg: sceneSvg(scaled(scene, pictureScale)) })),
    ...glazes
      .filter((glaze) => glaze.speckled)
      .map((glaze) => ({ key: `swatch ${glaze.name}`, svg: swatchSvg(glaze.name) })),
  ]);
  const pictureId = (scene: Scene) => pictures.get(sceneKey(scene))!.id;

  log('Filling the shelves …');
  await inTransaction(pool, async (client) => {
    const names = new Map<string, string>();
    names.set(pictureId(bannerScene), 'Banner: three pieces');
    for (const one of categories) if (one.picture) names.set(pictureId(categoryScene(one)), one.name);
    for (const one of products) for (const { scene, alt } of one.pictures) names.set(pictureId(scene), alt);
    for (const picture of [...pictures.values()].sort((a, b) => (a.id < b.id ? -1 : 1)))
      await insertPicture(client, picture, { name: names.get(picture.id) ?? '', focal: { x: 0.5, y: 0.55 } });

    const categoryIds = new Map(categories.map((one, i) => [one.slug, i + 1]));
    for (const one of categories)
      await client.query(
        `INSERT INTO category (id, parent_id, slug, name, description, extra_line, picture_id, catch_all, position, created_at) VALUES ($1,$2,$3,$4,$5,$6,$7,$8,$9,$10)`,
        [
          categoryIds.get(one.slug),
          one.parent && categoryIds.get(one.parent),
          one.slug,
          one.name,
          one.description,
          one.extraLine ?? '',
          one.picture ? pictureId(categoryScene(one)) : null,
          one.catchAll ?? false,
          one.position,
          agoIso(900 * 1440),
        ],
      );
    await insertCatalogue(client, products, categoryIds, pictures, pictureId, endOfDay);
    await insertTrade(client, products, agoIso);

    await insertRows(
      client,
      'collection',
      {
        id: 'int',
        slug: 'text',
        name: 'text',
        description: 'text',
        picture_id: 'text',
        position: 'int',
        rule: 'jsonb',
      },
      collectionSeeds.map((one, i) => ({
        id: i + 1,
        slug: one.slug,
        name: one.name,
        description: one.description,
        picture_id: pictureId(still(one.picture, one.slug, 1400, 700)),
        position: i,
        rule: one.rule ?? null,
      })),
    );
    await insertRows(
      client,
      'collection_product',
      { collection_id: 'int', product_id: 'int', position: 'int' },
      collectionSeeds.flatMap((one, i) =>
        products.flatMap((product, p) =>
          !one.rule && product.tags.includes(one.tag)
            ? [{ collection_id: i + 1, product_id: p + 1, position: p }]
            : [],
        ),
      ),
    );
    await insertRows(
      client,
      'journal_entry',
      {
        id: 'int',
        slug: 'text',
        title: 'text',
        summary: 'text',
        body: 'text',
        picture_id: 'text',
        published_at: 'timestamptz',
        tags: 'text[]',
      },
      journalSeeds.map((one, i) => ({
        id: i + 1,
        slug: one.slug,
        title: one.title,
        summary: one.summary,
        body: one.body,
        picture_id: pictureId(still(one.picture, one.slug, 1200, 800)),
        published_at: agoIso(one.daysOld * 1440),
        tags: one.tags,
      })),
    );

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
    const plan = demoPlan(pictureId(bannerScene), {
      category: (slug) => categoryIds.get(slug)!,
      collection: (slug) => collectionIds.get(slug)!,
      glaze: (name) => glazeIds.get(name)!,
    });
    await writeWholeDraft(client, plan, null);
    await insertRelease(client, { plan, changes: ['The store as it began'], accountId: null, now });
  });
  await pool.query('ANALYZE');
}

async function insertCatalogue(
  client: Pick<Pool, 'query'>,
  products: readonly ProductSeed[],
  categoryIds: ReadonlyMap<string, number>,
  pictures: ReadonlyMap<string, StoredPicture>,
  pictureId: (scene: Scene) => string,
  endOfDay: number,
): Promise<void> {
  await insertRows(
    client,
    'brand',
    { id: 'int', slug: 'text', name: 'text' },
    brands.map((name, i) => ({ id: i + 1, slug: fold(name).replaceAll(' ', '-'), name })),
  );
  await insertRows(
    client,
    'field',
    { id: 'text', name: 'text', type: 'text', unit: 'text', position: 'int' },
    [
      { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml', position: 0 },
      { id: 'diameter', name: 'Diameter', type: 'number', unit: 'cm', position: 1 },
      { id: 'foodSafe', name: 'Food-safe', type: 'yesNo', unit: '', position: 2 },
      { id: 'firedAt', name: 'Fired at', type: 'number', unit: '°C', position: 3 },
    ],
  );
  const sizes = [...new Set(products.flatMap((one) => one.variants.flatMap(({ size }) => size ?? [])))];
  await insertRows(client, 'option', { id: 'int', name: 'text' }, [
    { id: 1, name: 'Glaze' },
    { id: 2, name: 'Size' },
  ]);
  const values = [
    ...glazes.map((glaze, i) => ({
      id: i + 1,
      option_id: 1,
      name: glaze.name,
      position: i,
      colour: glaze.speckled ? null : glaze.colour,
      picture_id: glaze.speckled ? pictures.get(`swatch ${glaze.name}`)!.id : null,
    })),
    ...sizes.map((name, i) => ({
      id: 100 + i,
      option_id: 2,
      name,
      position: i,
      colour: null,
      picture_id: null,
    })),
  ];
  await insertRows(
    client,
    'option_value',
    { id: 'int', option_id: 'int', name: 'text', position: 'int', colour: 'text', picture_id: 'text' },
    values,
  );
  const valueId = new Map(values.map((value) => [`${value.option_id} ${value.name}`, value.id]));

  await insertRows(
    client,
    'product',
    {
      id: 'int',
      slug: 'text',
      title: 'text',
      title_key: 'text',
      kind: 'text',
      code: 'text',
      brand_id: 'int',
      featured: 'boolean',
      position: 'int',
      on_sale_from: 'timestamptz',
      rating_sum: 'int',
      rating_count: 'int',
      fields: 'jsonb',
    },
    products.map((one, i) => ({
      id: i + 1,
      slug: one.slug,
      title: one.title,
      title_key: fold(one.title),
      kind: one.kind,
      code: one.code,
      brand_id: brands.indexOf(one.brand as (typeof brands)[number]) + 1,
      featured: one.featured,
      position: one.position,
      on_sale_from: new Date(endOfDay - (one.daysOld + 1) * DAY + (i % 600) * MINUTE).toISOString(),
      rating_sum: one.ratings.reduce((a, b) => a + b, 0),
      rating_count: one.ratings.length,
      fields: one.fields,
    })),
  );
  await insertRows(
    client,
    'product_text',
    { product_id: 'int', short_text: 'text', long_text: 'text', words: 'text[]' },
    products.map((one, i) => ({
      product_id: i + 1,
      short_text: one.shortText,
      long_text: one.longText,
      words: [
        ...new Set([one.title, one.brand ?? '', ...one.tags].flatMap((text) => fold(text).split(' '))),
      ].filter(Boolean),
    })),
  );
  const variants = products.flatMap((one, p) =>
    one.variants.map((variant, position) => ({ ...variant, product_id: p + 1, position })),
  );
  await insertRows(
    client,
    'variant',
    {
      id: 'int',
      product_id: 'int',
      position: 'int',
      code: 'text',
      price: 'int',
      reduced: 'int',
      stock: 'int',
      picture_id: 'text',
    },
    variants.map((one, i) => ({
      ...one,
      id: i + 1,
      picture_id: one.picture ? pictureId(one.picture) : null,
    })),
  );
  await insertRows(
    client,
    'variant_value',
    { variant_id: 'int', option_value_id: 'int' },
    variants.flatMap((one, i) => [
      ...(one.glaze ? [{ variant_id: i + 1, option_value_id: valueId.get(`1 ${one.glaze}`) }] : []),
      ...(one.size ? [{ variant_id: i + 1, option_value_id: valueId.get(`2 ${one.size}`) }] : []),
    ]),
  );
  await insertRows(
    client,
    'product_picture',
    { product_id: 'int', position: 'int', picture_id: 'text', alt: 'text' },
    products.flatMap((one, p) =>
      one.pictures.map(({ scene, alt }, position) => ({
        product_id: p + 1,
        position,
        picture_id: pictureId(scene),
        alt,
      })),
    ),
  );
  const catchAll = categoryIds.get('unsorted');
  await insertRows(
    client,
    'product_category',
    { product_id: 'int', category_id: 'int' },
    products.flatMap((one, p) =>
      (one.categories.length ? one.categories.map((slug) => categoryIds.get(slug)) : [catchAll]).map(
        (category_id) => ({ product_id: p + 1, category_id }),
      ),
    ),
  );
  await insertRows(
    client,
    'product_tag',
    { product_id: 'int', tag: 'text' },
    products.flatMap((one, p) => [...new Set(one.tags)].map((tag) => ({ product_id: p + 1, tag }))),
  );
}

async function insertTrade(
  client: Pick<Pool, 'query'>,
  products: readonly ProductSeed[],
  agoIso: (minutes: number) => string,
): Promise<void> {
  const orders = orderSeeds(products);
  // Sales and views are rolled up by the store's own calendar as they arrive.
  await client.query('UPDATE store_figures SET time_zone = $1', [ZONE]);
  await insertRows(
    client,
    'shop_order',
    { id: 'int', placed_at: 'timestamptz' },
    orders.map((order, i) => ({ id: i + 1, placed_at: agoIso(order.minutesAgo) })),
  );
  await insertRows(
    client,
    'order_line',
    { order_id: 'int', line: 'int', product_id: 'int', quantity: 'int', price: 'int' },
    orders.flatMap((order, i) =>
      order.lines.map(({ product, quantity }, line) => ({
        order_id: i + 1,
        line: line + 1,
        product_id: product + 1,
        quantity,
        price: products[product]!.variants[0]!.price,
      })),
    ),
  );
  const visitor = (v: number) => `00000000-0000-4000-8000-${String(v).padStart(12, '0')}`;
  await insertRows(
    client,
    'shopper_event',
    {
      at: 'timestamptz',
      visitor: 'uuid',
      kind: 'text',
      page: 'text',
      shelf: 'text',
      place: 'int',
      product_id: 'int',
      band: 'text',
    },
    eventSeeds(products).map((event) => ({
      ...event,
      at: agoIso(event.minutesAgo),
      visitor: visitor(event.visitor),
      product_id: event.product === null ? null : event.product + 1,
    })),
  );
}
