import { factFault, type FactEdit } from '../facts/factEdit.ts';
import { idSchema, mixed, object, string, type Schema } from '../schema/schema.ts';
import { same } from '../settings/same.ts';
import type { Entry } from './entry.ts';
import { entryFact, type EntryFact } from './entryFacts.ts';

/** One fact of one entry, as it was and as it is to be. */
export interface EntryEdit extends FactEdit {
  id: number;
  fact: EntryFact['id'];
}

/** So many facts are written at once. */
export const MOST_ENTRY_EDITS = 200;

export const entryEditSchema = object({
  id: idSchema,
  fact: string().max(40).required(),
  was: mixed().nullable().defined(),
  is: mixed().nullable().defined(),
})
  .noUnknown()
  .required()
  .test('fits', function (edit) {
    const { fact: id, is } = edit as unknown as EntryEdit;
    const fact = entryFact(id);
    const fault = fact ? factFault(fact, is) : `There is nothing called "${id}" to be set of an entry.`;
    return fault === null || this.createError({ message: fault });
  }) as unknown as Schema<EntryEdit>;

/** What makes a fact of an entry another; none where it is so already. */
export const entryEdits = <F extends EntryFact['id']>(entry: Entry, fact: F, is: Entry[F]): EntryEdit[] =>
  same(entry[fact], is) ? [] : [{ id: entry.id, fact, was: entry[fact], is }];

/** What makes what is being written the text that shoppers read; none where nothing is. */
export const savedEdits = (entry: Entry): EntryEdit[] =>
  entry.draft === null
    ? []
    : [...entryEdits(entry, 'text', entry.draft), ...entryEdits(entry, 'draft', null)];

/** The entry once an edit is done. */
export const entryEdited = <E extends Partial<Entry>>(entry: E, { fact, is }: EntryEdit): E => ({
  ...entry,
  [fact]: is,
});

/** Whether a fact is still what an edit goes by. */
export const isStillSo = (entry: Entry, { fact, was }: EntryEdit): boolean => same(entry[fact], was);
