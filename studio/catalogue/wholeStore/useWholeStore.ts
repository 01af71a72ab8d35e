import { useIsMutating, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import {
  beginStore,
  readWholeStore,
  sendStorePart,
  stopStore,
  writeStore,
  type WholeStore,
} from '../../../core/api/wholeStore.ts';
import { LONGEST_FILE_NAME } from '../../../core/exchange/importState.ts';
import { MOST_STORE_BYTES, STORE_PART_BYTES } from '../../../core/wholeStore/storeFile.ts';
import { Refusal } from '../../api/client.ts';
import { useStudio } from '../../studioContext.tsx';

const KEY = ['whole-store'];
const OFTEN_MS = 500;

/**
 * What there is, and the file that is being brought in; asked for again and again while it is written.
 * @param asks else nothing is asked before somebody has begun to bring one in
 */
function useWholeStoreState(asks: boolean) {
  const { client } = useStudio();
  return useQuery({
    queryKey: KEY,
    queryFn: () => client.ask(readWholeStore),
    enabled: ({ state }) => asks || isWriting(state.data),
    refetchInterval: ({ state }) => (isWriting(state.data) ? OFTEN_MS : false),
  });
}

const isWriting = (store: WholeStore | undefined): boolean => store?.import?.is === 'writing';

/** Begins the studio anew once another store is here: nothing that it knows holds any more. */
export function StoreFollowed() {
  const is = useWholeStoreState(false).data?.import?.is;
  const before = useRef(is);
  useEffect(() => {
    if (before.current === 'writing' && is === 'written') window.location.reload();
    before.current = is;
  }, [is]);
  return null;
}

const TOO_LARGE = `This file is larger than ${MOST_STORE_BYTES / 1024 ** 3} GB. Remove pictures that are not used, then export the store again.`;

/** The file of a whole store: sent in parts, looked at, brought in. */
export function useWholeStore() {
  const { client } = useStudio();
  const queries = useQueryClient();
  const { data, error, refetch } = useWholeStoreState(true);
  // It goes on where one leaves the place and comes back.
  const isSending = useIsMutating({ mutationKey: KEY }) > 0;
  const taken = (answer: WholeStore) => {
    // What was asked for before is older than this.
    void queries.cancelQueries({ queryKey: KEY });
    queries.setQueryData(KEY, answer);
  };
  const sending = useMutation({
    mutationKey: KEY,
    mutationFn: async (file: File) => {
      if (file.size > MOST_STORE_BYTES) throw new Error(TOO_LARGE);
      const name = file.name.slice(0, LONGEST_FILE_NAME);
      let answer = await client.ask(beginStore, { body: { name, bytes: file.size } });
      const { id } = answer.import!;
      try {
        for (let part = 0; part * STORE_PART_BYTES < file.size; part += 1) {
          taken(answer);
          const bytes = file.slice(part * STORE_PART_BYTES, (part + 1) * STORE_PART_BYTES);
          answer = await client.send(sendStorePart, bytes, { id, part });
        }
      } catch (error) {
        // It was stopped meanwhile.
        if (error instanceof Refusal && error.code === 'import-gone') return client.ask(readWholeStore);
        throw error;
      }
      return answer;
    },
    onSuccess: taken,
    onError: () => void refetch(),
  });
  const asking = useMutation({
    mutationFn: (ask: () => Promise<WholeStore>) => ask(),
    onSuccess: taken,
    onError: () => void refetch(),
  });
  const ask = (contract: typeof writeStore): void => {
    const id = data?.import?.id;
    sending.reset();
    if (id !== undefined) asking.mutate(() => client.ask(contract, { body: { id } }));
  };
  return {
    store: data ?? null,
    error: error ?? null,
    refetch,
    /** Why what was last asked for was not done; null where it was. */
    fault: (sending.error ?? asking.error)?.message ?? null,
    isSending,
    isAsking: asking.isPending,
    send: (file: File) => {
      asking.reset();
      sending.mutate(file);
    },
    write: () => ask(writeStore),
    stop: () => ask(stopStore),
  };
}
