import { keepPreviousData, useQuery, type UseQueryResult } from '@tanstack/react-query';
import { readHardCases, type HardCandidates } from '../../../core/api/assortments.ts';
import { neededFacts } from '../../../core/card/needs.ts';
import type { Plan } from '../../../core/plan/plan.ts';
import { saidParts } from '../../../core/plan/saidParts.ts';
import { assortmentOf } from '../../../core/plan/showing.ts';
import type { Shelf } from '../../../core/plan/shelf.ts';
import { useSeenBy } from '../../assortments/useSeenBy.ts';
import { useStudio } from '../../studioContext.tsx';

/** Items of a shelf, of all that match, that may be hard for its card; the last ones until others are there. */
export function useHardCandidates(plan: Plan, shelf: Shelf): UseQueryResult<HardCandidates> {
  const { client } = useStudio();
  const seenBy = useSeenBy();
  const body = {
    assortment: assortmentOf(plan, shelf),
    seenBy,
    needs: neededFacts(shelf.card, saidParts(shelf), plan.house),
  };
  return useQuery({
    queryKey: ['hard cases', JSON.stringify(body)],
    queryFn: () => client.ask(readHardCases, { body }),
    staleTime: 60_000,
    placeholderData: keepPreviousData,
    retry: false,
  });
}
