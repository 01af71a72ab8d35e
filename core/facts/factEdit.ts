import type { Schema } from '../schema/schema.ts';
import { schemaFault } from '../schema/schemaFault.ts';

/** One fact of something in the catalogue, as it was and as it is to be. What it was is what may be written over: nothing else is. */
export interface FactEdit {
  was: unknown;
  is: unknown;
}

/** A fact that somebody else has changed meanwhile, or of something that is gone. */
export interface Conflict<E extends FactEdit> {
  edit: E;
  /** What it is now. */
  now: unknown;
  gone: boolean;
}

/** What takes edits back, the last first. */
export const undoneEdits = <E extends FactEdit>(edits: readonly E[]): E[] =>
  edits.map((edit) => ({ ...edit, was: edit.is, is: edit.was })).reverse();

/** What is wrong with a value of a fact, in a sentence that begins with its name; null where nothing is. */
export function factFault({ name, schema }: { name: string; schema: Schema }, is: unknown): string | null {
  const fault = schemaFault(schema, is);
  return fault === null ? null : `${name}: ${fault}`;
}
