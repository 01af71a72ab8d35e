import { useQuery } from '@tanstack/react-query';
import { readItems } from '../../../core/api/assortments.ts';
import type { Item } from '../../../core/card/item.ts';
import { MOST_LOOKED_FOR } from '../../../core/planning/planning.ts';
import { nobody } from '../../api/items.ts';
import { useStudio } from '../../studioContext.tsx';

const FRESH_MS = 300_000;

/** The products that sold most in the last 30 days, the most first; none until that is known. */
export function useBestSellers(): readonly Item[] {
  const { client } = useStudio();
  const { data } = useQuery({
    queryKey: ['best sellers'],
    queryFn: () =>
      client.ask(readItems, {
        body: {
          assortment: { of: 'products', order: { by: 'bestSold', days: 30 } },
          fallbacks: [],
          without: [],
          seenBy: nobody,
          start: 0,
          count: MOST_LOOKED_FOR,
          needs: ['sold'],
        },
      }),
    staleTime: FRESH_MS,
    retry: false,
  });
  return data?.items ?? NONE;
}

const NONE: readonly Item[] = [];
