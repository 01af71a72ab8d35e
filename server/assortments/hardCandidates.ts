import type { ProductAssortment } from '../../core/assortment/products.ts';
import type { HardCounts } from '../../core/hardCases/hardCounts.ts';
import type { Queryable } from '../db/pool.ts';
import { isInSql } from './productIds.ts';
import { Statement, type SqlWorld } from './statement.ts';

/** What a card can fail on: of all that have it (`where`), those of which most is (`most`). */
const reasons: readonly { most: string; where?: string }[] = [
  { most: 'p.title_length' },
  { most: '-p.title_length' },
  { most: 'p.price' },
  { most: 'p.price', where: 'p.reduced IS NOT NULL' },
  { most: 'p.price', where: 'p.reduced IS NOT NULL AND p.price_varies' },
  { most: 'p.stock', where: 'NOT p.in_stock' },
  { most: '-p.stock', where: 'p.in_stock AND p.stock IS NOT NULL' },
  { most: 'p.id', where: 'p.rating_count = 0' },
  { most: 'p.id', where: 'p.picture_ratio IS NULL' },
  { most: '(1000 * p.picture_ratio)::integer' },
  { most: '(-1000 * p.picture_ratio)::integer' },
  { most: 'cardinality(p.option_values)' },
];

const counted: Record<keyof Omit<HardCounts, 'total'>, string> = {
  withoutPicture: 'p.picture_ratio IS NULL',
  soldOut: 'NOT p.in_stock',
  notRated: 'p.rating_count = 0',
  reduced: 'p.reduced IS NOT NULL',
};

/** So many of each reason are offered at most, each the hardest of an equal share of the products. */
const SHARES = 8;

/**
 * Products of an assortment that are likeliest to be hard for a card, and how many there are of some kinds, in one
 * pass over all that match, whatever the greatest number.
 */
export async function readHardCandidates(
  db: Queryable,
  assortment: ProductAssortment,
  world: SqlWorld,
): Promise<{ counts: HardCounts; ids: number[] }> {
  const statement = new Statement();
  const where = isInSql(assortment, statement, world, { without: [] });
  // The greatest of a number with the id under it is the hardest product itself.
  const hardest = reasons.map(
    ({ most, where: of }, i) =>
      `max(((coalesce(${most}, 0))::bigint << 32) | p.id)${of ? ` FILTER (WHERE ${of})` : ''} AS r${i}`,
  );
  const counts = Object.entries(counted).map(([name, of]) => `count(*) FILTER (WHERE ${of}) AS "${name}"`);
  const names = Object.keys(counted).map((name) => `sum("${name}")::integer AS "${name}"`);
  const { rows } = await db.query<HardCounts & { ids: number[] | null }>(
    `WITH shares AS (
       SELECT count(*) AS total, ${[...counts, ...hardest].join(', ')}
       FROM product p WHERE ${where} GROUP BY p.id % ${SHARES})
     SELECT coalesce(sum(total), 0)::integer AS total, ${names.join(', ')},
       (SELECT array_agg(DISTINCT (r & 4294967295)::integer) FROM shares,
         unnest(ARRAY[${reasons.map((_, i) => `r${i}`).join(', ')}]) r WHERE r IS NOT NULL) AS ids
     FROM shares`,
    statement.values,
  );
  const { ids, ...found } = rows[0]!;
  return {
    counts: Object.fromEntries(
      Object.entries(found).map(([name, count]) => [name, count ?? 0]),
    ) as unknown as HardCounts,
    ids: ids ?? [],
  };
}
