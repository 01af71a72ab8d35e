import { queryOptions, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { readSetUp, type SetUpFacts } from '../../core/api/setUp.ts';
import { setUpSteps, type SetUpStep } from '../../core/setUp/setUpSteps.ts';
import type { Client } from '../api/client.ts';
import { SET_UP_KEY } from '../api/setUpKey.ts';
import { useDraft, useStudio } from '../studioContext.tsx';

const FRESH_MS = 60_000;

const setUpQuery = (client: Client) =>
  queryOptions({
    queryKey: SET_UP_KEY,
    queryFn: () => client.ask(readSetUp),
    staleTime: FRESH_MS,
  });

export interface SetUpIs {
  facts: SetUpFacts;
  steps: SetUpStep[];
}

/** How far the store has come; undefined until that is known. */
export function useSetUp(): { is: SetUpIs | undefined; error: Error | null; refetch(): Promise<unknown> } {
  const { client } = useStudio();
  const stored = useDraft(({ draft }) => draft);
  const { data: facts, error, refetch } = useQuery(setUpQuery(client));
  const is = useMemo(() => facts && { facts, steps: setUpSteps(stored, facts) }, [facts, stored]);
  return { is, error, refetch };
}
