import type { Names } from '../../sentence/sentence.ts';

/** The lines of the spec, in their order. */
export const LINES = [
  'says',
  'picture',
  'leadsTo',
  'shows',
  'form',
  'across',
  'card',
  'look',
  'when',
  'page',
] as const;
export type LineId = (typeof LINES)[number];

/** What a setting is part of. */
export type SettingOn = 'shelf' | 'assortment' | 'bay' | 'page';

/**
 * One thing an owner can set. Its id is the path of its value in the document. The find box, the commands and
 * the sentences about changes all work from this list, so that adding a setting is adding an entry.
 */
export interface Setting {
  id: string;
  on: SettingOn;
  line: LineId;
  name: string;
  /** Words that find it, besides its name. */
  find: readonly string[];
  /** The value is kept by band. */
  varies: boolean;
  /** It holds other settings, which tell of it; it is only ever set as a whole. */
  group: boolean;
  /** Of these kinds of item only; null for every kind. */
  of: readonly string[] | null;
  /** A bay's own kinds only; null for every kind. */
  holds: readonly string[] | null;
  /** The value as it reads after "now" or "was". */
  say(value: unknown, names: Names): string;
}

export function readPath(document: unknown, path: string): unknown {
  let at: unknown = document;
  for (const step of path.split('.')) at = (at as Record<string, unknown> | undefined)?.[step];
  return at;
}

/** Writes into a document that may be changed (a draft of immer's, or a copy). */
export function writePath(document: object, path: string, value: unknown): void {
  const steps = path.split('.');
  const last = steps.pop()!;
  let at = document as Record<string, unknown>;
  for (const step of steps) at = at[step] as Record<string, unknown>;
  if (value === undefined) delete at[last];
  else at[last] = value;
}

/** A setting as it is written down; what is not given is as it usually is. */
export type Given = Pick<Setting, 'id' | 'name' | 'say'> & Partial<Setting>;

export const settings = (on: SettingOn, line: LineId, given: readonly Given[]): Setting[] =>
  given.map((one) => ({ find: [], varies: false, group: false, of: null, holds: null, on, line, ...one }));
