import type { Conflict } from '../facts/factEdit.ts';
import type { Entry, EntryRow } from '../journal/entry.ts';
import { MOST_ENTRY_EDITS, entryEditSchema, type EntryEdit } from '../journal/entryEdit.ts';
import { entryFact } from '../journal/entryFacts.ts';
import { array, boolean, idSchema, string, type Schema } from '../schema/schema.ts';
import { contract } from './contract.ts';
import { orNull, shape, told } from './shape.ts';

const list = <T>() => array().required() as unknown as Schema<T[]>;

/** Every entry, the newest first, without its text. */
export const listEntries = contract({
  method: 'GET',
  path: '/api/journal',
  who: 'signedIn',
  answer: shape<{ entries: EntryRow[] }>({ entries: list() }),
});

export const readEntry = contract({
  method: 'GET',
  path: '/api/journal/one',
  who: 'signedIn',
  query: shape<{ id: string }>({
    id: string()
      .matches(/^\d{1,10}$/)
      .required(),
  }),
  answer: shape<{ entry: Entry | null }>({ entry: orNull(told<Entry>()) }),
});

/** A new one of this title, hidden until it is shown. */
export const addEntry = contract({
  method: 'POST',
  path: '/api/journal/new',
  who: 'signedIn',
  body: shape<{ title: string }>({ title: entryFact('title')!.schema as Schema<string> }),
  answer: shape<{ id: number }>({ id: idSchema }),
});

export const removeEntry = contract({
  method: 'POST',
  path: '/api/journal/removed',
  who: 'signedIn',
  body: shape<{ id: number }>({ id: idSchema }),
  answer: shape<{ removed: boolean }>({ removed: boolean().required() }),
});

/** Writes facts, all or none: none where one of them is not any more what it was. Shoppers see them at once, but for what is being written. */
export const editEntries = contract({
  method: 'POST',
  path: '/api/journal/edit',
  who: 'signedIn',
  body: shape<{ edits: readonly EntryEdit[] }>({
    edits: array(entryEditSchema as never)
      .min(1)
      .max(MOST_ENTRY_EDITS)
      .required(),
  }),
  answer: shape<{ conflicts: Conflict<EntryEdit>[] }>({ conflicts: list() }),
});
