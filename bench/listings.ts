import { newAssortment } from '../core/assortment/assortment.ts';
import type { ProductAssortment } from '../core/assortment/products.ts';
import type { Choice } from '../core/listing/choice.ts';
import type { Filter } from '../core/listing/filters/index.ts';
import type { Listing } from '../core/listing/listing.ts';
import { answerListing } from '../server/listing/answerListing.ts';
import { listings } from '../server/listing/listings.ts';
import type { Pool } from '../server/db/pool.ts';
import { catalogueOf, median, times, worldOf } from './assortments.ts';
import { atMost, distribution, ratioAtMost, type Figure } from './figure.ts';

export const benchFilters: readonly Filter[] = [
  { by: 'category' },
  { by: 'price' },
  { by: 'option', option: 1 },
  { by: 'stock' },
  { by: 'rating' },
  { by: 'brand' },
  { by: 'tag' },
  { by: 'field', field: 'foodSafe' },
];

const glaze: Choice = { filter: { by: 'option', option: 1 }, keys: [1, 4] };
const price: Choice = { filter: { by: 'price' }, span: { least: 1_000, most: 4_000 } };
const inStock: Choice = { filter: { by: 'stock' }, keys: [true] };

const choices: Record<string, Choice[]> = { none: [], one: [glaze], three: [glaze, price, inStock] };

const list = (more: Partial<ProductAssortment>): ProductAssortment => ({
  ...newAssortment('products'),
  soldOut: 'toTheEnd',
  order: { by: 'position' },
  ...more,
});

const lists: Record<string, ProductAssortment> = {
  everything: list({}),
  'a main category': list({
    rule: { join: 'all', parts: [{ is: 'category', ids: [1], below: true }] },
    order: { by: 'bestSold', days: 90 },
  }),
};

/** What is chosen, as a person would write it; of variants, what has to hold in one of them. */
const written: Partial<Record<Filter['by'], { product: string; variant: string }>> = {
  option: {
    product: `p.option_values && '{1,4}'`,
    variant: 'v.id IN (SELECT variant_id FROM variant_value WHERE option_value_id IN (1, 4))',
  },
  price: { product: 'true', variant: 'coalesce(v.reduced, v.price) BETWEEN 1000 AND 4000' },
  stock: { product: 'p.in_stock', variant: '(v.stock IS NULL OR v.stock > 0)' },
};

/**
 * The best statements that a person would write for the same: the page, and one count for each filter with all others
 * applied, all at once.
 */
async function byHand(pool: Pool, inList: string, chosen: readonly Choice[]): Promise<number> {
  const where = (left: Filter['by'] | null) => {
    const all = chosen.flatMap(({ filter }) => (filter.by === left ? [] : (written[filter.by] ?? [])));
    const inOne = all.map(({ variant }) => variant).join(' AND ');
    const some = inOne && `EXISTS (SELECT FROM variant v WHERE v.product_id = p.id AND ${inOne})`;
    return [inList, ...all.map(({ product }) => product), some].filter(Boolean).join(' AND ');
  };
  const ask = (left: Filter['by'] | null, text: (where: string) => string) => pool.query(text(where(left)));
  const all = () =>
    Promise.all([
      ask(
        null,
        (is) => `SELECT p.id FROM product p WHERE ${is} ORDER BY p.in_stock DESC, p.position, p.id LIMIT 48`,
      ),
      ask(null, (is) => `SELECT count(*) FROM product p WHERE ${is}`),
      ask(
        'category',
        (is) => `SELECT c, count(*) FROM product p, unnest(p.category_path) c WHERE ${is} GROUP BY 1`,
      ),
      ask(
        'price',
        (is) =>
          `SELECT v.price / 500, count(DISTINCT p.id) FROM product p JOIN variant v ON v.product_id = p.id WHERE ${is} GROUP BY 1`,
      ),
      ask(
        'option',
        (is) => `SELECT o, count(*) FROM product p, unnest(p.option_values) o WHERE ${is} GROUP BY 1`,
      ),
      ask('stock', (is) => `SELECT count(*) FROM product p WHERE p.in_stock AND ${is}`),
      ask(
        'rating',
        (is) =>
          `SELECT p.rating_sum / p.rating_count, count(*) FROM product p WHERE p.rating_count > 0 AND ${is} GROUP BY 1`,
      ),
      ask('brand', (is) => `SELECT p.brand_id, count(*) FROM product p WHERE ${is} GROUP BY 1`),
      ask('tag', (is) => `SELECT t, count(*) FROM product p, unnest(p.tags) t WHERE ${is} GROUP BY 1`),
      ask('field', (is) => `SELECT p.fields -> 'foodSafe', count(*) FROM product p WHERE ${is} GROUP BY 1`),
    ]);
  return median(await times(all, 5));
}

async function timeListings(pool: Pool, count: number) {
  const world = await worldOf(pool);
  const kept = listings(pool);
  const heap = () => {
    globalThis.gc?.();
    const { heapUsed, arrayBuffers } = process.memoryUsage();
    return (heapUsed + arrayBuffers) / 2 ** 20;
  };
  const before = heap();
  const start = performance.now();
  await kept.index();
  const readMs = performance.now() - start;
  const heldMb = heap() - before;
  const found = new Map<string, number[]>();
  for (const [of, assortment] of Object.entries(lists))
    for (const [name, chosen] of Object.entries(choices)) {
      const listing: Listing = { filters: benchFilters, choices: chosen, words: '', sort: null };
      const asked = { assortment, fallbacks: [], without: [], listing, start: 0, count: 48 };
      const run = () => answerListing(pool, asked, kept, world);
      found.set(`${of}, ${name} chosen`, await times(run, count));
    }
  return { found, readMs, heldMb };
}

const handLists: Record<string, string> = {
  everything: 'true',
  'a main category': `p.category_path @> '{1}'`,
};

/** Listings with eight filters and all their counts, on a hundred thousand products. */
export async function listingFigures(baseUrl: string): Promise<Figure[]> {
  const [small, large] = [
    (await catalogueOf(baseUrl, 10_000)).pool,
    (await catalogueOf(baseUrl, 100_000)).pool,
  ];
  try {
    const ofSmall = await timeListings(small, 9);
    const { found, readMs, heldMb } = await timeListings(large, 15);
    const ratios: number[] = [];
    for (const [of, inList] of Object.entries(handLists))
      for (const [name, chosen] of Object.entries(choices)) {
        const key = `${of}, ${name} chosen`;
        const [own, hand] = [median(found.get(key)!), await byHand(large, inList, chosen)];
        ratios.push(own / hand);
        console.log(
          `  ${key.padEnd(34)} ${own.toFixed(1).padStart(7)} ms, by hand ${hand.toFixed(1).padStart(7)} ms, on 10 000 ${median(ofSmall.found.get(key)!).toFixed(1).padStart(6)} ms`,
        );
      }
    console.log(`  read in ${Math.round(readMs)} ms, ${heldMb.toFixed(0)} MB held`);
    const growth = [...found].map(([key, values]) => median(values) / median(ofSmall.found.get(key)!));
    return [
      distribution(
        'Listings with eight filters and all counts, 100 000 products',
        'ms',
        [...found.values()].flat(),
        120,
      ),
      ratioAtMost('Beside the best statements by hand, the worst', Math.max(...ratios), 1.5),
      ratioAtMost('Growth from 10 000 to 100 000, median', median(growth), 5),
      atMost('What filters read of 100 000 products, kept', 'MB', heldMb, Infinity),
    ];
  } finally {
    await Promise.all([small.end(), large.end()]);
  }
}
