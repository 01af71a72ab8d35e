import type { FieldValue } from '../assortment/kinds.ts';
import { goodsFact } from '../goods/goodsFacts.ts';
import { LONGEST_GROUPING } from '../groupings/groupingFacts.ts';
import { schemaFault } from '../schema/schemaFault.ts';
import { unguarded } from './cells.ts';
import { Unreadable, type How, type Target } from './targets.ts';

/** Why a row cannot be imported. */
export interface RowFault extends Partial<Pick<ImportRow, 'keys'>> {
  line: number;
  /** What of the product; empty for all of it. */
  field: string;
  /** A sentence. */
  why: string;
  /** What tells the row apart from others: a title or an item code. */
  of: string;
}

/** What one row says, of what columns there are. */
export interface ImportRow {
  /** Where it begins in the file, from 1. */
  line: number;
  keys: { code: string; parent: string; slug: string; title: string };
  /** By fact; brands and categories by their names. */
  product: Map<string, Said>;
  variant: Map<string, Said>;
  fields: Map<string, Said<FieldValue | null>>;
  /** Options with the values that this row has of them. */
  choice: [option: string, value: string][];
}

export interface Said<T = unknown> {
  value: T;
  /** The cell was empty. */
  empty: boolean;
}

/** A column as it is read. */
export interface ReadColumn {
  target: Target;
  how: How;
  /** What its cells were read as: many say the same. */
  known: Map<string, Said | string | null>;
}

export const readColumn = (target: Target, how: How): ReadColumn => ({ target, how, known: new Map() });

/** Cells of a column that are remembered. */
const MOST_KNOWN = 2_000;
/** Longer ones are seldom said twice. */
const LONGEST_KNOWN = 60;

const LONGEST_SAID = 60;
const shortened = (cell: string): string =>
  cell.length > LONGEST_SAID ? `${cell.slice(0, LONGEST_SAID - 1)}…` : cell;

/** What of a value its fact does not take, in a sentence. Names are what they are of something else's list. */
function faultOf(
  { of, fact, names, longest = LONGEST_GROUPING.name }: Target,
  value: unknown,
): string | null {
  if (of === 'key' || of === 'option' || names) {
    const said: readonly unknown[] = [value].flat(3);
    return said.some((name) => typeof name === 'string' && name.length > longest)
      ? `It is longer than ${longest} letters.`
      : null;
  }
  const { schema } = goodsFact(of, of === 'field' ? 'value' : fact)!;
  return schemaFault(schema, value);
}

/** A cell as its column reads it: a sentence where it cannot be that, null where it says nothing. */
function readCell(written: string, { target, how, known }: ReadColumn): Said | string | null {
  const before = known.get(written);
  if (before !== undefined) return before;
  const read = readNewCell(written, target, how);
  if (written.length <= LONGEST_KNOWN && known.size < MOST_KNOWN) known.set(written, read);
  return read;
}

function readNewCell(written: string, target: Target, how: How): Said | string | null {
  const cell = unguarded(written);
  if (cell.includes('\0')) return 'It holds a letter that is nothing (NUL).';
  const empty = cell.trim() === '';
  if (empty) return 'none' in target ? { value: target.none, empty } : null;
  const value = target.read(cell, how);
  if (value instanceof Unreadable) return `${target.name} “${shortened(cell.trim())}” ${value.why}.`;
  return faultOf(target, value) ?? { value, empty };
}

/** Reads a row; a fault where one of its cells cannot be what its column holds. @param columns null for those left out */
export function readRow(
  cells: readonly string[],
  columns: readonly (ReadColumn | null)[],
  line: number,
): ImportRow | RowFault {
  const row: ImportRow = {
    line,
    keys: { code: '', parent: '', slug: '', title: '' },
    product: new Map(),
    variant: new Map(),
    fields: new Map(),
    choice: [],
  };
  let fault: RowFault | null = null;
  columns.forEach((column, at) => {
    if (!column) return;
    const { target } = column;
    const said = readCell(cells[at] ?? '', column);
    if (said === null) return;
    if (typeof said === 'string') {
      fault ??= { line, field: target.name, why: said, of: '' };
      return;
    }
    const { value } = said;
    if (target.of === 'key') row.keys[target.fact as keyof ImportRow['keys']] = value as string;
    else if (target.of === 'option') row.choice.push([target.fact, value as string]);
    else if (target.of === 'field') row.fields.set(target.fact, said as Said<FieldValue | null>);
    else row[target.of].set(target.fact, said);
    if (target.id === 'title') row.keys.title = value as string;
  });
  return fault ? { ...(fault as RowFault), of: calledBy(row.keys), keys: row.keys } : row;
}

/** What tells a product from others where it is spoken of. */
export const calledBy = ({ title, code, slug }: Omit<ImportRow['keys'], 'parent'>): string =>
  title || code || slug;

export const isFault = (row: ImportRow | RowFault): row is RowFault => 'why' in row;
