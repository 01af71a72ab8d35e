import { queryOptions, useQueries, useQuery } from '@tanstack/react-query';
import { countGoods, listGoods, type GoodsAsked } from '../../../core/api/goods.ts';
import type { GoodsRow } from '../../../core/goods/goods.ts';
import { GOODS_PAGE } from '../../../core/goods/goodsList.ts';
import type { Client } from '../../api/client.ts';
import { GOODS_LISTED } from '../../api/goodsWriter.ts';
import { useStudio } from '../../studioContext.tsx';

/** A list of products: all that is asked but the place it begins at. */
export type GoodsListed = Omit<GoodsAsked, 'from'>;

const FRESH_MS = 30_000;

const pageQuery = (client: Client, asked: GoodsListed, page: number) =>
  queryOptions({
    queryKey: [...GOODS_LISTED, asked, page],
    queryFn: () => client.ask(listGoods, { body: { ...asked, from: page * GOODS_PAGE } }),
    staleTime: FRESH_MS,
  });

/** How many there are, which its first hundred says; undefined until that is known. */
export function useGoodsTotal(asked: GoodsListed) {
  const { client } = useStudio();
  const { data, error, refetch } = useQuery(pageQuery(client, asked, 0));
  return { total: data?.total, error, refetch };
}

/** The rows between two places of a list, fetched by the hundred; those on their way are undefined. */
export function useGoodsRows(
  asked: GoodsListed,
  first: number,
  last: number,
): (place: number) => GoodsRow | undefined {
  const { client } = useStudio();
  const [from, to] = [Math.floor(first / GOODS_PAGE), Math.floor(last / GOODS_PAGE)];
  const found = useQueries({
    queries: Array.from({ length: to - from + 1 }, (_, i) => pageQuery(client, asked, from + i)),
  });
  return (place) => found[Math.floor(place / GOODS_PAGE) - from]?.data?.rows[place % GOODS_PAGE];
}

/** How many products there are, and how many lack what; undefined until that is known. */
export function useGoodsCounts() {
  const { client } = useStudio();
  return useQuery({ queryKey: ['goods', 'counts'], queryFn: () => client.ask(countGoods) }).data;
}
