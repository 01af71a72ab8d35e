import { readFile, writeFile } from 'node:fs/promises';
import { categoryTree } from '../core/catalogue/categoryTree.ts';
import { rollSoldWindows } from '../server/assortments/facts.ts';
import type { SqlWorld } from '../server/assortments/statement.ts';
import { readRuleCounts } from '../server/assortments/counts.ts';
import { PRODUCT_FACTS } from '../core/catalogue/facts.ts';
import { readHardCandidates } from '../server/assortments/hardCandidates.ts';
import { readProducts } from '../server/catalogue/productRows.ts';
import { readProductIds } from '../server/assortments/productIds.ts';
import { readCategories } from '../server/catalogue/categoryRows.ts';
import { migrate } from '../server/db/migrate.ts';
import { makePool, type Pool } from '../server/db/pool.ts';
import { BENCH_DAY, BENCH_NOW, loadCatalogue } from './catalogue.ts';
import { atMost, distribution, quantile, ratioAtMost, type Figure } from './figure.ts';
import { benchRules, handWritten } from './rules.ts';
import { typingFigures } from './typing.ts';

const TIMES = 9;

export async function catalogueOf(baseUrl: string, products: number): Promise<{ url: string; pool: Pool }> {
  const name = `bench_${products}`;
  const admin = makePool(baseUrl);
  await admin.query(`DROP DATABASE IF EXISTS ${name}`);
  await admin.query(`CREATE DATABASE ${name}`);
  await admin.end();
  const url = new URL(baseUrl);
  url.pathname = `/${name}`;
  await migrate(url.href);
  console.log(`  loading ${products} products …`);
  await loadCatalogue(url.href, products);
  const pool = makePool(url.href, { statement_timeout: 0 });
  await rollSoldWindows(pool, BENCH_DAY);
  await pool.query('VACUUM ANALYZE sold_window');
  return { url: url.href, pool };
}

export async function worldOf(pool: Pool): Promise<SqlWorld> {
  return {
    now: BENCH_NOW,
    today: BENCH_DAY,
    timeZone: 'UTC',
    newForDays: 30,
    tree: categoryTree(await readCategories(pool)),
    around: null,
    lookedAt: [],
    product: null,
    meanRating: 4_000_000,
    orders: 1000,
    soldWindowsAsOf: BENCH_DAY,
    collectionRules: new Map(),
  };
}

export async function times(run: () => Promise<unknown>, count = TIMES): Promise<number[]> {
  await run();
  const found: number[] = [];
  for (let i = 0; i < count; i += 1) {
    const start = performance.now();
    await run();
    found.push(performance.now() - start);
  }
  return found;
}

export const median = (values: readonly number[]) => quantile(values, 0.5);

/** Each rule's first 48 with the total; ms. */
async function timeRules(pool: Pool, count = TIMES): Promise<Map<string, number[]>> {
  const world = await worldOf(pool);
  const span = { start: 0, count: 48, without: [] };
  const found = new Map<string, number[]>();
  for (const { name, assortment, fallbacks } of benchRules)
    found.set(name, await times(() => readProductIds(pool, assortment, fallbacks, world, span), count));
  return found;
}

/** The candidates of a shelf's hard cases, with every fact that a card can say; ms. */
async function timeHardCases(pool: Pool): Promise<number[]> {
  const world = await worldOf(pool);
  const found: number[] = [];
  for (const { name, assortment } of benchRules) {
    const own = await times(async () => {
      const { ids } = await readHardCandidates(pool, assortment, world);
      await readProducts(pool, ids, PRODUCT_FACTS);
    }, 5);
    console.log(`  ${name.padEnd(34)} hardest ${median(own).toFixed(1).padStart(7)} ms`);
    found.push(...own);
  }
  return found;
}

/** Rules on ten and on a hundred thousand products, beside the best statement written by hand. */
export async function assortmentFigures(baseUrl: string): Promise<Figure[]> {
  const ofTenThousand = await catalogueOf(baseUrl, 10_000);
  const [small, large] = [ofTenThousand.pool, (await catalogueOf(baseUrl, 100_000)).pool];
  try {
    const [onSmall, onLarge] = [await timeRules(small), await timeRules(large)];
    const ratios: number[] = [];
    for (const { name, hand } of benchRules) {
      const written: number[] = [];
      for (const text of handWritten(hand)) written.push(median(await times(() => large.query(text))));
      const [own, best] = [median(onLarge.get(name)!), Math.min(...written)];
      ratios.push(own / best);
      console.log(
        `  ${name.padEnd(34)} ${own.toFixed(1).padStart(7)} ms, by hand ${best.toFixed(1).padStart(7)} ms, on 10 000 ${median(onSmall.get(name)!).toFixed(1).padStart(6)} ms`,
      );
    }
    const all = [...onLarge.values()].flat();
    const growth = benchRules.map(({ name }) => median(onLarge.get(name)!) / median(onSmall.get(name)!));
    const world = await worldOf(small);
    const hard = await timeHardCases(large);
    const counting: number[] = [];
    for (const { assortment } of benchRules)
      counting.push(...(await times(() => readRuleCounts(small, assortment, world), 4)));
    return [
      distribution('30 rules, first 48 with total, 100 000 products', 'ms', all, 60),
      atMost('The same, the worst', 'ms', Math.max(...all), 200),
      ratioAtMost('Beside the best statement by hand, median of rules', median(ratios), 1.5),
      ratioAtMost('Growth from 10 000 to 100 000, median of rules', median(growth), 5),
      distribution('Count after each clause, 10 000 products', 'ms', counting, 150),
      distribution('Hardest items of 30 rules, with all that cards say, 100 000 products', 'ms', hard, 100),
      await typingFigures(ofTenThousand, world),
    ];
  } finally {
    await Promise.all([small.end(), large.end()]);
  }
}

/** A million products, run once when asked for and recorded. */
export async function millionFigures(baseUrl: string): Promise<Figure[]> {
  const { pool } = await catalogueOf(baseUrl, 1_000_000);
  try {
    const found = await timeRules(pool, 3);
    for (const [name, values] of found)
      console.log(`  ${name.padEnd(34)} ${median(values).toFixed(1).padStart(8)} ms`);
    const figure = distribution(
      '30 rules, first 48 with total, 1 000 000 products (recorded)',
      'ms',
      [...found.values()].flat(),
      Infinity,
    );
    return [{ ...figure, bound: 0, ok: true }];
  } finally {
    await pool.end();
  }
}

/** Keeps the figures of a run that is made only when asked for. */
export async function withRecorded(file: string, figures: readonly Figure[]): Promise<void> {
  const before = await readFile(file, 'utf8').then(
    (text) => JSON.parse(text) as Figure[],
    () => [],
  );
  const names = new Set(figures.map(({ name }) => name));
  const kept = before.filter(({ name }) => /recorded/.test(name) && !names.has(name));
  await writeFile(file, `${JSON.stringify([...figures, ...kept], null, 2)}\n`);
}

/** Adds such figures to those of the last whole run. */
export async function addRecorded(file: string, figures: readonly Figure[]): Promise<void> {
  const before = JSON.parse(await readFile(file, 'utf8')) as Figure[];
  const names = new Set(figures.map(({ name }) => name));
  const recorded = figures.filter(({ name }) => /recorded/.test(name));
  const all = [...before.filter(({ name }) => !names.has(name)), ...recorded];
  await writeFile(file, `${JSON.stringify(all, null, 2)}\n`);
}
