import { newAssortment } from '../core/assortment/assortment.ts';
import { MOST_SUGGESTED } from '../core/search/suggestions.ts';
import { random as seeded } from '../demo/random.ts';
import { readProducts } from '../server/catalogue/productRows.ts';
import type { Pool } from '../server/db/pool.ts';
import { answerListing } from '../server/listing/answerListing.ts';
import { listings } from '../server/listing/listings.ts';
import { search } from '../server/search/search.ts';
import { catalogueOf, median, times, worldOf } from './assortments.ts';
import { atMost, distribution, ratioAtMost, type Figure } from './figure.ts';
import { benchFilters } from './listings.ts';

/** Titles that are typed letter by letter, and products that are looked for with a letter wrong. */
const TYPED = 16;
const MISSPELT = 80;
const FEWEST_LETTERS = 2;
/** Products that are read into the search at once. */
const LOT = 5_000;

/** A catalogue with all that its search keeps, which loading it by COPY has passed over. */
async function searchable(baseUrl: string, products: number): Promise<Pool> {
  const { pool } = await catalogueOf(baseUrl, products);
  for (let from = 0; from < products; from += LOT)
    await pool.query('SELECT refresh_search(ARRAY(SELECT id FROM product WHERE id > $1 AND id <= $2))', [
      from,
      from + LOT,
    ]);
  await pool.query('VACUUM ANALYZE product_search');
  await pool.query('VACUUM ANALYZE search_word');
  return pool;
}

/** What a shopper sees with every letter: the first that match, and how many there are. */
async function suggested(pool: Pool, words: string): Promise<void> {
  const { ids } = await search(pool, words);
  await readProducts(pool, ids.slice(0, MOST_SUGGESTED), [], 1);
}

/** Milliseconds for each beginning of some titles. */
async function typing(pool: Pool): Promise<number[]> {
  const { rows } = await pool.query<{ title: string }>(
    `SELECT title FROM product WHERE id <= ${TYPED} ORDER BY id`,
  );
  const found: number[] = [];
  for (const { title } of rows)
    for (let length = FEWEST_LETTERS; length <= title.length; length += 1) {
      const start = performance.now();
      await suggested(pool, title.slice(0, length));
      found.push(performance.now() - start);
    }
  return found;
}

/** How many of some products are not within the first five where a letter of their title is wrong, left out or doubled. */
async function missed(pool: Pool, products: number): Promise<number> {
  const random = seeded('misspelt');
  let lost = 0;
  for (let i = 0; i < MISSPELT; i += 1) {
    const id = random.whole(1, products);
    const { rows } = await pool.query<{ title: string }>('SELECT title FROM product WHERE id = $1', [id]);
    const words = rows[0]!.title.split(' ');
    const long = words.flatMap((word, at) => (/^[a-z]{5,}$/.test(word) ? [at] : []));
    const at = long[random.whole(0, long.length - 1)];
    if (at === undefined) continue;
    const word = words[at]!;
    const place = random.whole(0, word.length - 1);
    const slips = ['', 'x', word[place]! + word[place]!];
    const slip = slips[i % slips.length]!;
    words[at] = word.slice(0, place) + slip + word.slice(place + 1);
    const { ids } = await search(pool, words.join(' '));
    if (!ids.slice(0, 5).includes(id)) lost += 1;
  }
  return lost;
}

/** The page of what a search found, with eight filters and all their counts. */
async function listed(pool: Pool, words: string): Promise<number[]> {
  const world = await worldOf(pool);
  const kept = listings(pool);
  const assortment = {
    ...newAssortment('products'),
    rule: { join: 'all' as const, parts: [{ is: 'around' as const }] },
    order: { by: 'bestMatch' as const },
    soldOut: 'toTheEnd' as const,
  };
  const listing = { filters: benchFilters, choices: [], words: '', sort: null };
  return times(async () => {
    const { ids } = await search(pool, words);
    const around = { of: 'search' as const, words, ids };
    const asked = { assortment, fallbacks: [], without: [], listing, start: 0, count: 48 };
    await answerListing(pool, asked, kept, { ...world, around });
  });
}

/** The search of a store with a hundred thousand products. */
export async function searchFigures(baseUrl: string): Promise<Figure[]> {
  const small = await searchable(baseUrl, 10_000);
  const large = await searchable(baseUrl, 100_000);
  try {
    const ofSmall = await typing(small);
    const ofLarge = await typing(large);
    const growth = ofLarge.map((ms, i) => ms / ofSmall[i]!);
    const lost = await missed(large, 100_000);
    const pages = await listed(large, 'jug');
    const widest = await listed(large, 'kiln');
    console.log(`  a search that all products match, with eight filters: ${median(widest).toFixed(0)} ms`);
    return [
      distribution('A search as it is typed, with what is suggested, 100 000 products', 'ms', ofLarge, 120),
      ratioAtMost('Growth of that from 10 000, median of what is typed', median(growth), 5),
      atMost(`Of ${MISSPELT} with a letter wrong, not within the first five`, 'products', lost, 0),
      distribution('The page of a search that 9 % match, with eight filters', 'ms', pages, 120),
    ];
  } finally {
    await Promise.all([small.end(), large.end()]);
  }
}
