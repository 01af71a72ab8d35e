import { pipeline, Readable } from 'node:stream';
import { CsvError, parse } from 'csv-parse';
import { LINE_ENDS, type Dialect } from '../../core/exchange/dialect.ts';
import { isGroup, jsonCells } from '../../core/exchange/jsonCells.ts';
import { MOST_COLUMNS } from '../../core/exchange/importState.ts';
import { Fault } from '../faults.ts';
import { jsonLines } from './jsonLines.ts';

/** A row of a file, with the line on which it begins, from 1. */
export interface FileRow {
  line: number;
  cells: string[];
}

/** No row is as long as this, letters. */
const LONGEST_ROW = 1_000_000;

const refused = (message: string, cause?: unknown) => new Fault('import-faulty', { message, cause });

/** What csv-parse has against a file, for a person. */
const SAID: Readonly<Record<string, (line: number) => string>> = {
  CSV_QUOTE_NOT_CLOSED: (line) =>
    `A quote that begins in the row of line ${line} never ends. End it, or read the file with the other quotes.`,
  CSV_INVALID_CLOSING_QUOTE: (line) =>
    `Line ${line} has a quote inside a cell that is in quotes. Double it, or read the file with the other quotes.`,
  INVALID_OPENING_QUOTE: (line) =>
    `Line ${line} has a quote inside a cell that is not in quotes. Put the cell in quotes and double it.`,
  CSV_MAX_RECORD_SIZE: (line) =>
    `The row of line ${line} is longer than ${LONGEST_ROW} letters. A quote may be missing before it.`,
};

async function* lettersOf(
  chunks: AsyncIterable<Uint8Array>,
  encoding: Dialect['encoding'],
): AsyncGenerator<string> {
  const decoder = new TextDecoder(encoding);
  for await (const chunk of chunks) yield decoder.decode(chunk, { stream: true });
  yield decoder.decode();
}

/** The rows of a file without the one that names its columns; those that are empty are left out. Throws a Fault with the line. */
export async function* readRows(
  chunks: AsyncIterable<Uint8Array>,
  dialect: Dialect,
  names: readonly string[],
): AsyncGenerator<FileRow> {
  const letters = lettersOf(chunks, dialect.encoding);
  if (dialect.format === 'jsonl') return yield* readJsonLines(letters, names);
  let isNames = dialect.header;
  for await (const row of readTable(letters, dialect)) {
    if (!isNames) yield row;
    isNames = false;
  }
}

async function* readTable(
  letters: AsyncIterable<string>,
  { separator, quote }: Dialect,
): AsyncGenerator<FileRow> {
  const parser = parse({
    delimiter: separator,
    quote,
    bom: true,
    record_delimiter: LINE_ENDS,
    info: true,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: true,
    max_record_size: LONGEST_ROW,
  });
  // What fails on the way is what reading the rows fails with.
  pipeline(Readable.from(letters), parser, () => undefined);
  let ended = 0;
  try {
    for await (const { record, info } of parser as AsyncIterable<{
      record: string[];
      info: { lines: number };
    }>) {
      ended = info.lines;
      if (record.length > MOST_COLUMNS)
        throw refused(`Line ${info.lines} has ${record.length} columns. At most ${MOST_COLUMNS} are read.`);
      if (record.every((cell) => cell.trim() === '')) continue;
      let within = 0;
      for (const cell of record) if (cell.includes('\n')) within += cell.split('\n').length - 1;
      yield { line: info.lines - within, cells: record };
    }
  } catch (error) {
    if (!(error instanceof CsvError)) throw error;
    // The row after the last that could be read.
    throw refused(SAID[error.code]?.(ended + 1) ?? `Line ${ended + 1} cannot be read as a table.`, error);
  }
}

async function* readJsonLines(
  letters: AsyncIterable<string>,
  names: readonly string[],
): AsyncGenerator<FileRow> {
  for await (const { line, value } of jsonLines(letters, LONGEST_ROW, refused)) {
    if (!isGroup(value))
      throw refused(`Line ${line} is not a product, which is an object with names and values.`);
    for (const cells of jsonCells(value, names)) yield { line, cells };
  }
}
