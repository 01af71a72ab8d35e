import { useQuery } from '@tanstack/react-query';
import { readCounts, type RuleCounts } from '../../core/api/assortments.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import { useStudio } from '../studioContext.tsx';
import { useSeenBy } from './useSeenBy.ts';

/** What remains after each clause; the last answer stands until the new one is there. */
export function useRuleCounts(assortment: ProductAssortment): RuleCounts | undefined {
  const { client } = useStudio();
  const seenBy = useSeenBy();
  return useQuery({
    queryKey: ['rule counts', JSON.stringify({ rule: assortment.rule, seenBy })],
    queryFn: () => client.ask(readCounts, { body: { assortment, seenBy } }),
    placeholderData: (before) => before,
    staleTime: 60_000,
  }).data;
}
