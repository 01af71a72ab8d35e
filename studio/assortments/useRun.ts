import { useInfiniteQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import type { Assortment, ProductAssortment } from '../../core/assortment/assortment.ts';
import type { Item } from '../../core/card/partKind.ts';
import type { ItemsAnswer } from '../../core/view/view.ts';
import type { SeenBy } from '../api/items.ts';
import { useStudio } from '../studioContext.tsx';

const LOT = 48;

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
  const key = useDeferredValue(JSON.stringify({ assortment, fallbacks, without: [], seenBy }));
  const { data, error, refetch, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery({
    queryKey: ['run', key],
    queryFn: ({ pageParam }) =>
      client.post<ItemsAnswer>('/api/items', {
        ...(JSON.parse(key) as object),
        start: pageParam,
        count: LOT,
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
