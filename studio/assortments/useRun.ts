import { useInfiniteQuery } from '@tanstack/react-query';
import type { Assortment, ProductAssortment } from '../../core/assortment/assortment.ts';
import type { Item } from '../../core/card/partKind.ts';
import type { ItemsAnswer } from '../../core/view/view.ts';
import type { SeenBy } from '../api/items.ts';
import { useStudio } from '../studioContext.tsx';

const LOT = 120;

/** The items of an assortment in their order, fetched lot by lot as they are looked at. */
export function useRun(assortment: Assortment, fallbacks: readonly ProductAssortment[], seenBy: SeenBy) {
  const { client } = useStudio();
  const asked = { assortment, fallbacks, without: [], seenBy };
  const query = useInfiniteQuery({
    queryKey: ['run', JSON.stringify(asked)],
    queryFn: ({ pageParam }) =>
      client.post<ItemsAnswer>('/api/items', { ...asked, start: pageParam, count: LOT }),
    initialPageParam: 0,
    getNextPageParam: (last: ItemsAnswer) => (last.start + LOT < last.total ? last.start + LOT : undefined),
    placeholderData: (before) => before,
    staleTime: 30_000,
  });
  const pages = query.data?.pages ?? [];
  const items: Item[] = pages.flatMap((page) => page.items);
  return {
    items,
    total: pages[0]?.total ?? null,
    own: pages[0]?.own ?? 0,
    waiting: query.isFetching,
    failed: query.error?.message ?? null,
    retry: () => void query.refetch(),
    more: () => {
      if (query.hasNextPage && !query.isFetchingNextPage) void query.fetchNextPage();
    },
  };
}
