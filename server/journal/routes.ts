import {
  addEntry as addContract,
  editEntries,
  listEntries,
  readEntry,
  removeEntry as removeContract,
} from '../../core/api/journal.ts';
import type { Api } from '../api.ts';
import type { Parts } from '../parts.ts';
import { readEntriesById, readEntryRows } from './entryRows.ts';
import { addEntry, removeEntry, writeEntries } from './writeEntries.ts';
import { LARGEST_ID } from '../../core/schema/largestId.ts';

/** The journal as its owner writes it. */
export function journalRoutes(api: Api, { db, readDb, clock }: Parts): void {
  api.answer(listEntries, async () => ({ entries: await readEntryRows(readDb) }));
  api.answer(readEntry, async ({ query: { id } }) => {
    const asked = Number(id);
    const found = asked <= LARGEST_ID ? await readEntriesById(readDb, [asked]) : null;
    return { entry: found?.get(asked) ?? null };
  });
  api.answer(addContract, async ({ body: { title } }) => ({ id: await addEntry(db, title.trim(), clock()) }));
  api.answer(removeContract, async ({ body: { id } }) => ({ removed: await removeEntry(db, id) }));
  api.answer(editEntries, async ({ body: { edits } }) => ({ conflicts: await writeEntries(db, edits) }));
}
