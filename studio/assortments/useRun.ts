import { readItems, type SeenBy } from '../../core/api/assortments.ts';
import type { SentOf } from '../../core/api/contract.ts';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import type { Assortment } from '../../core/assortment/assortment.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import type { Item } from '../../core/card/item.ts';
import type { ItemsAnswer } from '../../core/view/view.ts';
import { useStudio } from '../studioContext.tsx';
import { useSettled } from '../ui/useSettled.ts';

const LOT = 48;

/** What is typed of an assortment: its rule. What is dragged or chosen is followed at once. */
export const typedPart = (assortment: Assortment): string =>
  assortment.of === 'products' ? JSON.stringify(assortment.rule) : '';

export interface RunOfItems {
  items: readonly Item[];
  /** Null until the first answer is there. */
  total: number | null;
  /** How many of them are not topped up. */
  own: number;
  failed: string | null;
  retry(): void;
  more(): void;
}

/**
 * The items of an assortment in their order, fetched lot by lot as they are looked at. What is typed and counted
 * goes before: the question, and the drawing of the answer, wait for it.
 */
export function useRun(
  assortment: Assortment,
  fallbacks: readonly ProductAssortment[],
  seenBy: SeenBy,
): RunOfItems {
  const { client } = useStudio();
  const key = useSettled(
    JSON.stringify({ assortment, fallbacks, without: [], seenBy }),
    typedPart(assortment),
  );
  const { data, error, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: ['run', key],
    queryFn: ({ pageParam }) =>
      client.ask(readItems, {
        body: {
          ...(JSON.parse(key) as Omit<SentOf<typeof readItems>, 'start' | 'count'>),
          start: pageParam,
          count: LOT,
        },
      }),
    initialPageParam: 0,
    getNextPageParam: (last: ItemsAnswer) => (last.start + LOT < last.total ? last.start + LOT : undefined),
    placeholderData: (before) => before,
    staleTime: 30_000,
  });
  const pages = useDeferredValue(data?.pages);
  const failed = error?.message ?? null;
  return useMemo(
    () => ({
      items: pages?.flatMap((page) => page.items) ?? [],
      total: pages?.[0]?.total ?? null,
      own: pages?.[0]?.own ?? 0,
      failed,
      retry: () => void refetch(),
      more: () => {
        if (hasNextPage && !isFetchingNextPage) void fetchNextPage();
      },
    }),
    [pages, failed, refetch, hasNextPage, isFetchingNextPage, fetchNextPage],
  );
}
