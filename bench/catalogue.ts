import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import pg from 'pg';
import { from as copyFrom } from 'pg-copy-streams';
import { fold } from '../core/catalogue/fold.ts';
import { random as seeded } from '../demo/random.ts';

const makeRandom = (seed: string) => seeded(seed).next;

/**
 * A made-up catalogue of any size with the skews of real ones: a few categories, tags and glazes that hold
 * much and many that hold little, prices spread over decades, sales with a long tail. Loaded by COPY.
 */

export const BENCH_NOW = Date.UTC(2026, 10, 24, 12);
export const BENCH_DAY = Math.floor(BENCH_NOW / 86_400_000);

const ROOTS = 8;
const CHILDREN = [5, 4, 3];
const GLAZES = 24;
const SIZES = 6;
const BRANDS = 120;
const TAGS = 200;
const COLLECTIONS = 40;
const firsts = [
  'amber',
  'chalk',
  'fog',
  'heather',
  'inkwell',
  'lichen',
  'oatmeal',
  'peat',
  'rustfall',
  'tidewrack',
];
const seconds = ['tall', 'wide', 'footed', 'fluted', 'plain', 'ribbed', 'low', 'deep', 'narrow', 'round'];
const thirds = [
  'bowl',
  'mug',
  'jug',
  'vase',
  'plate',
  'planter',
  'teapot',
  'tile',
  'dish',
  'cup',
  'ewer',
  'beaker',
];

interface Category {
  id: number;
  parent: number | null;
}

function categories(): { all: Category[]; leaves: number[] } {
  const all: Category[] = [];
  let level: number[] = [];
  for (let i = 0; i < ROOTS; i += 1) {
    all.push({ id: all.length + 1, parent: null });
    level.push(all.length);
  }
  for (const width of CHILDREN) {
    const next: number[] = [];
    for (const parent of level)
      for (let i = 0; i < width; i += 1) {
        all.push({ id: all.length + 1, parent });
        next.push(all.length);
      }
    level = next;
  }
  return { all, leaves: level };
}

/** One of `count`, the first far oftener than the last. */
const skewed = (random: () => number, count: number, power = 2.2) => Math.floor(count * random() ** power);

async function copy(
  client: pg.Client,
  table: string,
  columns: string,
  rows: Iterable<string>,
): Promise<void> {
  const stream = client.query(copyFrom(`COPY ${table} (${columns}) FROM STDIN`));
  const lots = function* () {
    let lot = '';
    for (const row of rows) {
      lot += `${row}\n`;
      if (lot.length > 1 << 16) {
        yield lot;
        lot = '';
      }
    }
    if (lot) yield lot;
  };
  await pipeline(Readable.from(lots()), stream);
}

const iso = (at: number) => new Date(at).toISOString();

/** Fills an empty, migrated database. The same size gives the same catalogue. */
export async function loadCatalogue(connectionString: string, products: number): Promise<void> {
  const client = new pg.Client({ connectionString });
  await client.connect();
  try {
    // What the triggers keep is copied in as well.
    await client.query('SET session_replication_role = replica');
    const { all, leaves } = categories();
    const parents = new Map(all.map(({ id, parent }) => [id, parent]));
    const upFrom = (id: number): number[] => {
      const parent = parents.get(id) ?? null;
      return parent === null ? [id] : [id, ...upFrom(parent)];
    };
    await copy(
      client,
      'category',
      'id, parent_id, slug, name',
      all.map(({ id, parent }) => `${id}\t${parent ?? '\\N'}\tc${id}\tCategory ${id}`),
    );
    await copy(
      client,
      'category_closure',
      'ancestor_id, descendant_id, depth',
      all.flatMap(({ id }) => upFrom(id).map((up, depth) => `${up}\t${id}\t${depth}`)),
    );
    const numbers = (count: number) => Array.from({ length: count }, (_, i) => i + 1);
    await copy(
      client,
      'brand',
      'id, slug, name',
      numbers(BRANDS).map((id) => `${id}\tb${id}\tMaker ${id}`),
    );
    await copy(
      client,
      'collection',
      'id, slug, name',
      numbers(COLLECTIONS).map((id) => `${id}\tk${id}\tCollection ${id}`),
    );
    await copy(client, 'option', 'id, name', ['1\tGlaze', '2\tSize']);
    await copy(
      client,
      'option_value',
      'id, option_id, name',
      numbers(GLAZES + SIZES).map((id) => `${id}\t${id <= GLAZES ? 1 : 2}\tValue ${id}`),
    );
    await copy(client, 'field', 'id, name, type', [
      'capacity\tCapacity\tnumber',
      'foodSafe\tFood-safe\tyesNo',
      'firing\tFiring\ttext',
    ]);

    const words =
      'thrown by hand and fired slowly in a kiln that burns wood from the hills around the workshop '.repeat(
        3,
      );
    const titled = function* () {
      const random = makeRandom('bench titles');
      for (let id = 1; id <= products; id += 1)
        yield [
          id,
          `${firsts[skewed(random, firsts.length, 1.4)]} ${seconds[Math.floor(random() * seconds.length)]} ${thirds[skewed(random, thirds.length, 1.4)]} ${id}`,
          1 + skewed(random, BRANDS),
        ] as const;
    };
    /** What each product belongs to, product by product; the same each time it is gone through. */
    const each = (seed: string, of: (random: () => number, id: number) => Iterable<number | string>) =>
      function* () {
        const random = makeRandom(seed);
        for (let id = 1; id <= products; id += 1) yield [...new Set(of(random, id))].sort();
      };
    const leafOf = (random: () => number) => leaves[skewed(random, leaves.length)]!;
    const categoriesOf = each('categories', (random) => [
      leafOf(random),
      ...(random() < 0.3 ? [leafOf(random)] : []),
    ]);
    const tagsOf = each('tags', (random) =>
      Array.from({ length: Math.floor(random() * 4) }, () => `tag ${skewed(random, TAGS, 3)}`),
    );
    const collectionsOf = each('collections', (random) =>
      random() < 0.15 ? [1 + skewed(random, COLLECTIONS)] : [],
    );
    const optionValuesOf = each('options', (random) => [
      ...Array.from({ length: 1 + Math.floor(random() * 3) }, () => 1 + skewed(random, GLAZES, 1.6)),
      ...(random() < 0.3 ? [GLAZES + 1 + Math.floor(random() * SIZES)] : []),
    ]);
    const many = function* (members: () => Generator<(number | string)[]>) {
      let id = 0;
      for (const ones of members()) {
        id += 1;
        for (const one of ones) yield `${id}\t${one}`;
      }
    };
    const array = (members: Iterable<number | string>) =>
      `{${[...members].map((one) => `"${one}"`).join(',')}}`;

    const variants: string[] = [];
    const variantValues: string[] = [];
    /** A variant for each glaze, the first as the product is shown; a size, where there is one, is that of all. */
    const addVariants = (
      id: number,
      values: readonly number[],
      price: number,
      reduced: number | null,
      inStock: boolean,
    ) => {
      const random = makeRandom(`variants ${id}`);
      const sizes = values.filter((value) => value > GLAZES);
      values
        .filter((value) => value <= GLAZES)
        .forEach((glaze, i) => {
          const variant = variants.length + 1;
          const paid = Math.round(price * (1 + 0.25 * i));
          const stock = inStock && (i === 0 || random() < 0.7) ? '\\N' : 0;
          variants.push(
            `${variant}\t${id}\t${i}\t${paid}\t${i === 0 && reduced !== null ? reduced : '\\N'}\t${stock}`,
          );
          for (const value of [glaze, ...sizes]) variantValues.push(`${variant}\t${value}`);
        });
    };
    const product = function* () {
      const random = makeRandom('bench products');
      const members = { categories: categoriesOf(), optionValues: optionValuesOf(), tags: tagsOf() };
      for (const [id, title, brand] of titled()) {
        const price = Math.round(300 * Math.exp(random() * 4));
        const reduced = random() < 0.12 ? Math.max(1, Math.round(price * (0.4 + 0.5 * random()))) : null;
        const inStock = random() < 0.88;
        const ratings = random() < 0.6 ? skewed(random, 200, 4) : 0;
        const fields = {
          ...(random() < 0.7 && { capacity: 50 * (1 + Math.floor(random() * 60)) }),
          ...(random() < 0.8 && { foodSafe: random() < 0.7 }),
          ...(random() < 0.3 && { firing: ['raku', 'salt', 'wood', 'gas'][Math.floor(random() * 4)] }),
        };
        const optionValues = members.optionValues.next().value as number[];
        addVariants(id, optionValues, price, reduced !== null && reduced < price ? reduced : null, inStock);
        yield [
          id,
          `p${id}`,
          title,
          fold(title),
          ['single', 'variants', 'set', 'digital'][skewed(random, 4, 3)],
          brand,
          random() < 0.03 ? 't' : 'f',
          random() < 0.4 ? Math.floor(random() * 10_000) : '\\N',
          iso(BENCH_NOW - random() ** 2 * 900 * 86_400_000),
          Math.round(ratings * (3 + 2 * random())),
          ratings,
          JSON.stringify(fields),
          price,
          reduced !== null && reduced < price ? reduced : '\\N',
          inStock ? 't' : 'f',
          inStock ? (random() < 0.3 ? 1 + Math.floor(random() * 5) : '\\N') : 0,
          random() < 0.5 ? iso(BENCH_NOW - random() * 200 * 86_400_000) : '\\N',
          skewed(random, 300, 5),
          array(new Set((members.categories.next().value as number[]).flatMap(upFrom))),
          array(optionValues),
          array(members.tags.next().value as string[]),
        ].join('\t');
      }
    };
    await copy(
      client,
      'product',
      'id, slug, title, title_key, kind, brand_id, featured, position, on_sale_from, rating_sum, rating_count, fields, price, reduced, in_stock, stock, last_sold_at, orders, category_path, option_values, tags',
      product(),
    );
    await copy(client, 'variant', 'id, product_id, position, price, reduced, stock', variants);
    await copy(client, 'variant_value', 'variant_id, option_value_id', variantValues);
    await copy(
      client,
      'product_text',
      'product_id, short_text, long_text, words',
      (function* () {
        for (const [id, title, brand] of titled())
          yield `${id}\t${words.slice(0, 90)}\t${words}\t{${[...fold(title).split(' '), 'maker', brand].join(',')}}`;
      })(),
    );
    await copy(client, 'product_category', 'product_id, category_id', many(categoriesOf));
    await copy(client, 'product_tag', 'product_id, tag', many(tagsOf));
    await copy(client, 'collection_product', 'product_id, collection_id', many(collectionsOf));
    await copy(client, 'product_option_value', 'product_id, option_value_id', many(optionValuesOf));
    const daily = (seed: string, share: number) =>
      (function* () {
        const random = makeRandom(seed);
        for (let id = 1; id <= products; id += 1) {
          // A long tail: few sell every day, most hardly ever.
          const days = Math.floor(120 * random() ** 9 + share * random());
          const met = new Set<number>();
          for (let i = 0; i < days; i += 1) met.add(Math.floor(random() ** 1.5 * 365));
          for (const day of met) yield `${id}\t${BENCH_DAY - day}\t${1 + skewed(random, 12, 4)}`;
        }
      })();
    await copy(client, 'sold_daily', 'product_id, day, units', daily('sold', 3));
    await copy(client, 'viewed_daily', 'product_id, day, views', daily('viewed', 5));
    await copy(
      client,
      'bought_together',
      'product_id, other_id, orders',
      (function* () {
        const random = makeRandom('together');
        for (let id = 1; id <= Math.min(products, 20_000); id += 1) {
          const met = new Set(Array.from({ length: 4 }, () => 1 + skewed(random, products)));
          met.delete(id);
          for (const other of met) yield `${id}\t${other}\t${1 + Math.floor(random() * 5)}`;
        }
      })(),
    );
    await client.query('UPDATE order_count SET orders = $1 WHERE slot = 0', [products * 2]);
    await client.query('SELECT count_products()');
    await client.query('SET session_replication_role = origin');
    await client.query('VACUUM ANALYZE');
  } finally {
    await client.end();
  }
}
