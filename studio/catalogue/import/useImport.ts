import { useMutation, useQueryClient } from '@tanstack/react-query';
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
import { LONGEST_FILE_NAME, type ImportSettings } from '../../../core/exchange/importState.ts';
import { IMPORT_KEY, useImportState } from '../../api/importState.ts';
import { useStudio } from '../../studioContext.tsx';

/** The last file of products that was sent, followed while something is done with it. */
export function useImport() {
  const { client } = useStudio();
  const queries = useQueryClient();
  const { data, error, refetch } = useImportState();
  const taken = (answer: AnswerOf<typeof readImport>) => {
    // What was asked for before is older than this.
    void queries.cancelQueries({ queryKey: IMPORT_KEY });
    queries.setQueryData(IMPORT_KEY, answer);
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
