import type { GoodsAsked } from '../core/api/goods.ts';
import { GOODS_SORT_IDS, MISSINGS } from '../core/goods/goodsList.ts';
import { countGoodsRows, readGoodsList } from '../server/goods/listGoods.ts';
import { catalogueOf, times } from './assortments.ts';
import { distribution, type Figure } from './figure.ts';

const PRODUCTS = 100_000;
const BOUND_MS = 200;
const EACH = 5;

/** The list of all products as its owner goes through it: sorted, narrowed, searched, at its beginning and far down. */
export async function goodsFigures(baseUrl: string): Promise<Figure[]> {
  const { pool } = await catalogueOf(baseUrl, PRODUCTS);
  const { rows } = await pool.query<{ title: string; code: string }>(
    'SELECT title, code FROM product WHERE id IN (5, 500, 50000) ORDER BY id',
  );
  const all: GoodsAsked = { words: '', missing: null, within: null, sort: 'position', down: false, from: 0 };
  const timed = async (asked: readonly GoodsAsked[]) => {
    const found: number[] = [];
    for (const one of asked) found.push(...(await times(() => readGoodsList(pool, one), EACH)));
    return found;
  };
  const sorted = GOODS_SORT_IDS.flatMap((sort) =>
    [0, PRODUCTS / 2, PRODUCTS - 100].map((from) => ({ ...all, sort, from })),
  );
  const words = rows.flatMap(({ title, code }) => [title, title.split(' ')[0]!, title.slice(0, 2), code]);
  const figures = [
    distribution('products, sorted, at 100 000', 'ms', await timed(sorted), BOUND_MS),
    distribution(
      'products, by what is missing, at 100 000',
      'ms',
      await timed(MISSINGS.map((missing) => ({ ...all, missing }))),
      BOUND_MS,
    ),
    distribution(
      'products, searched, at 100 000',
      'ms',
      await timed(words.map((one) => ({ ...all, words: one }))),
      BOUND_MS,
    ),
    distribution(
      'products, counted by what is missing, at 100 000',
      'ms',
      await times(() => countGoodsRows(pool)),
      BOUND_MS,
    ),
  ];
  await pool.end();
  return figures;
}
