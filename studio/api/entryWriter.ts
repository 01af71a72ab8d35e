import type { QueryClient } from '@tanstack/react-query';
import { editEntries } from '../../core/api/journal.ts';
import type { Entry, EntryRow } from '../../core/journal/entry.ts';
import { entryEdited, type EntryEdit } from '../../core/journal/entryEdit.ts';
import type { Client } from './client.ts';
import { makeFactWriter, type FactWriter } from './factWriter.ts';
import { knownChanged } from './known.ts';

export const entryKey = (id: number) => ['journal', 'one', id] as const;
export const ENTRIES_KEY = ['journal', 'list'] as const;

/** Whatever shows entries asks anew. */
export function entriesChanged(queries: QueryClient): void {
  for (const of of ['journal', 'items', 'specimen entry']) void queries.invalidateQueries({ queryKey: [of] });
  knownChanged(queries);
}

/** An entry in the list of all, once an edit is done. */
const rowEdited = (row: EntryRow, edit: EntryEdit): EntryRow => {
  if (edit.id !== row.id || edit.fact === 'text') return row;
  return edit.fact === 'draft' ? { ...row, drafted: edit.is !== null } : entryEdited(row, edit);
};

const writerOf = (
  client: Client,
  queries: QueryClient,
  changed: (edits: readonly EntryEdit[]) => void,
): FactWriter<EntryEdit> =>
  makeFactWriter({
    send: async (edits) => (await client.ask(editEntries, { body: { edits } })).conflicts,
    show: (edits) => {
      void queries.cancelQueries({ queryKey: ENTRIES_KEY });
      for (const { id } of edits) void queries.cancelQueries({ queryKey: entryKey(id) });
      for (const edit of edits) {
        queries.setQueryData<{ entry: Entry | null }>(entryKey(edit.id), (known) =>
          known?.entry ? { entry: entryEdited(known.entry, edit) } : known,
        );
        queries.setQueryData<{ entries: EntryRow[] }>(
          ENTRIES_KEY,
          (known) => known && { entries: known.entries.map((row) => rowEdited(row, edit)) },
        );
      }
    },
    changed,
    isSameFact: (a, b) => a.id === b.id && a.fact === b.fact,
  });

/** Writes facts of journal entries. */
export const makeEntryWriter = (client: Client, queries: QueryClient): FactWriter<EntryEdit> =>
  writerOf(client, queries, () => entriesChanged(queries));

/** Writes what is being written in them, which shows nowhere else; what somebody else has written is asked for again. */
export const makeDraftWriter = (client: Client, queries: QueryClient): FactWriter<EntryEdit> =>
  writerOf(client, queries, (edits) => {
    for (const { id } of edits) void queries.invalidateQueries({ queryKey: entryKey(id) });
    void queries.invalidateQueries({ queryKey: ['specimen entry'] });
  });
