import type { EntryEdit } from '../../../core/journal/entryEdit.ts';
import { entryFact } from '../../../core/journal/entryFacts.ts';
import type { Names } from '../../../core/sentence/sentence.ts';
import type { SaidFact } from '../NotWritten.tsx';

/** What a fact of an entry is called, and a value of it in words. */
export const sayEntryFact = ({ fact: id }: EntryEdit, value: unknown, names: Names): SaidFact => {
  const fact = entryFact(id)!;
  return { name: fact.name, now: fact.say(value, names) };
};
