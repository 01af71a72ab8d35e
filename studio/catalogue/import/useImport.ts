import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { AnswerOf } from '../../../core/api/contract.ts';
import {
  forgetImport,
  readImport,
  sendImport,
  setImport,
  stopImport,
  undoImport,
  writeImport,
} from '../../../core/api/exchange.ts';
import { isBusy, LONGEST_FILE_NAME, type ImportSettings } from '../../../core/exchange/importState.ts';
import { goodsChanged } from '../../api/goodsWriter.ts';
import { useStudio } from '../../studioContext.tsx';

const OFTEN_MS = 400;
const KEY = ['import'];

/** The last file of products that was sent, followed while something is done with it. */
export function useImport() {
  const { client } = useStudio();
  const queries = useQueryClient();
  const { data, error, refetch } = useQuery({
    queryKey: KEY,
    queryFn: () => client.ask(readImport),
    refetchInterval: ({ state }) => (state.data?.state && isBusy(state.data.state.is) ? OFTEN_MS : false),
  });
  const is = data?.state?.is;
  const before = useRef(is);
  useEffect(() => {
    if (before.current !== undefined && before.current !== is && (is === 'written' || is === 'undone'))
      goodsChanged(queries);
    before.current = is;
  }, [is, queries]);
  const taken = (answer: AnswerOf<typeof readImport>) => {
    // What was asked for before is older than this.
    void queries.cancelQueries({ queryKey: KEY });
    queries.setQueryData(KEY, answer);
  };
  const sending = useMutation({
    mutationFn: (file: File) =>
      client.send(sendImport, file, { name: file.name.slice(0, LONGEST_FILE_NAME) }),
    onSuccess: taken,
  });
  const asking = useMutation({
    mutationFn: (ask: () => Promise<AnswerOf<typeof readImport>>) => ask(),
    onSuccess: taken,
    onError: () => void refetch(),
  });
  const id = data?.state?.id;
  const ask = (contract: typeof writeImport, of = id): void => {
    if (of !== undefined) asking.mutate(() => client.ask(contract, { body: { id: of } }));
  };
  return {
    state: data?.state,
    last: data?.last ?? null,
    error: error ?? null,
    refetch,
    /** Why what was last asked for was not done; null where it was. */
    fault: (sending.error ?? asking.error)?.message ?? null,
    isSending: sending.isPending,
    isAsking: asking.isPending,
    send: (file: File, onSent: () => void) => {
      asking.reset();
      sending.mutate(file, { onSuccess: onSent });
    },
    set: (settings: ImportSettings): void => {
      if (id !== undefined) asking.mutate(() => client.ask(setImport, { body: { id, settings } }));
    },
    write: () => ask(writeImport),
    stop: () => ask(stopImport),
    forget: () => ask(forgetImport),
    undo: (of: number) => ask(undoImport, of),
  };
}
