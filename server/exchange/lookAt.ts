import { fractionDigits } from '../../core/catalogue/money.ts';
import type { Dialect } from '../../core/exchange/dialect.ts';
import { dialectOf, triedRows } from '../../core/exchange/findDialect.ts';
import { encodingOf } from '../../core/exchange/encoding.ts';
import { MOST_COLUMNS, type ImportSettings } from '../../core/exchange/importState.ts';
import { wellFormed } from '../../core/exchange/cellOf.ts';
import { unguarded } from '../../core/exchange/cells.ts';
import { isGroup, jsonCells, jsonNames } from '../../core/exchange/jsonCells.ts';
import {
  decimalOf,
  howOf,
  matched,
  type FormerMatching,
  type SampledColumn,
} from '../../core/exchange/matching.ts';
import { targetNamed, targetsOf, type OwnTargets } from '../../core/exchange/ownTargets.ts';
import type { How, Target } from '../../core/exchange/targets.ts';
import { Fault } from '../faults.ts';

/** So much of a file is looked at before it is read, bytes. */
export const LOOKED_BYTES = 256 * 1024;
const LONGEST_SAMPLE = 200;
const MOST_SAMPLES = 60;

/** The beginning of a file as rows with the names of their columns. */
function sample(head: Uint8Array, dialect: Dialect): { names: string[]; rows: string[][] } {
  const text = new TextDecoder(dialect.encoding).decode(head, { stream: true });
  if (dialect.format === 'jsonl') {
    const products = text
      .split('\n')
      .slice(0, MOST_SAMPLES)
      .flatMap((line) => {
        try {
          const value: unknown = JSON.parse(line);
          return isGroup(value) ? [value] : [];
        } catch {
          return [];
        }
      });
    const names = jsonNames(products);
    return { names, rows: products.flatMap((product) => jsonCells(product, names)) };
  }
  const rows = triedRows(text, dialect);
  const [first = []] = rows;
  return dialect.header
    ? { names: first.map((name) => name.trim()), rows: rows.slice(1) }
    : { names: first.map(() => ''), rows };
}

/** What is kept of a cell that is only looked at; one that is cut may end in half a letter. */
const kept = (cell: string): string => wellFormed(cell.slice(0, LONGEST_SAMPLE).replaceAll('\0', ''));

/** How a file is best read, by its beginning. */
export const foundDialect = (head: Uint8Array): Dialect => {
  const encoding = encodingOf(head);
  return dialectOf(new TextDecoder(encoding).decode(head, { stream: true }), encoding);
};

/** The columns of a file with the first of their values. Throws a Fault where there is nothing in it, or too much. */
export function columnsOf(head: Uint8Array, dialect: Dialect): SampledColumn[] {
  const { names, rows } = sample(head, dialect);
  if ([names, ...rows].every((row) => row.every((cell) => cell.trim() === '')))
    throw new Fault('import-faulty', { message: 'There is nothing in this file.' });
  if (names.length > MOST_COLUMNS)
    throw new Fault('import-faulty', {
      message: `This file has ${names.length} columns. At most ${MOST_COLUMNS} are read.`,
    });
  return names.map((name, at) => ({
    name: kept(name),
    values: rows
      .map((row) => kept(unguarded(row[at] ?? '')))
      .filter((value) => value.trim() !== '')
      .slice(0, MOST_SAMPLES),
  }));
}

/** What a file is read as where its owner has not said anything. */
export const proposed = (
  columns: readonly SampledColumn[],
  dialect: Dialect,
  own: OwnTargets,
  former: FormerMatching,
): ImportSettings => ({
  dialect,
  decimal: null,
  matching: matched(columns, targetsOf(own), former),
});

/** What each column holds and how it is read; undefined for those that are left out. */
export function readAs(
  columns: readonly SampledColumn[],
  { matching, decimal }: ImportSettings,
  own: OwnTargets,
  currency: string,
): { targets: (Target | undefined)[]; hows: How[] } {
  const known = targetsOf(own);
  const digits = fractionDigits(currency);
  const targets = columns.map((_, at) => (matching[at] ? targetNamed(known, matching[at]) : undefined));
  const mark = decimal ?? decimalOf(columns, targets, digits);
  return { targets, hows: columns.map((column) => howOf(column, mark, digits)) };
}
