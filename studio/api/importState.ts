import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { readImport } from '../../core/api/exchange.ts';
import { isBusy } from '../../core/exchange/importState.ts';
import { useStudio } from '../studioContext.tsx';
import { goodsChanged } from './goodsWriter.ts';
import { knownChanged } from './known.ts';

const OFTEN_MS = 400;
export const IMPORT_KEY = ['import'];

/** The last file of products that was sent, asked for again and again while something is done with it. */
export function useImportState() {
  const { client } = useStudio();
  return useQuery({
    queryKey: IMPORT_KEY,
    queryFn: () => client.ask(readImport),
    refetchInterval: ({ state }) => (state.data?.state && isBusy(state.data.state.is) ? OFTEN_MS : false),
  });
}

/** Shows what an import wrote, or undid, wherever in the studio one is by then. */
export function ImportFollowed() {
  const queries = useQueryClient();
  const is = useImportState().data?.state?.is;
  const before = useRef(is);
  useEffect(() => {
    if (before.current !== undefined && before.current !== is && (is === 'written' || is === 'undone'))
      goodsChanged(queries);
    knownChanged(queries);
    before.current = is;
  }, [is, queries]);
  return null;
}
