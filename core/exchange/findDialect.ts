import { parse } from 'csv-parse/sync';
import { LINE_ENDS, SEPARATOR_IDS, type Dialect, type Separator } from './dialect.ts';
import type { Encoding } from './encoding.ts';

/** Rows that are tried. */
const TRIED = 60;

/** Rows of the beginning of a table as they would be read so, the last of them perhaps cut. */
export function triedRows(
  text: string,
  { separator, quote }: Pick<Dialect, 'separator' | 'quote'>,
): string[][] {
  const rows = parse(text, {
    delimiter: separator,
    quote,
    to: TRIED,
    record_delimiter: LINE_ENDS,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: true,
    bom: true,
    skip_records_with_error: true,
  });
  return rows;
}

/** How well a text is a table so: as many cells as in most of its rows, in as many of its rows as there are. */
function fit(text: string, separator: Separator, quote: Dialect['quote']): number {
  const rows = triedRows(text, { separator, quote });
  const counts = new Map<number, number>();
  for (const { length } of rows) counts.set(length, (counts.get(length) ?? 0) + 1);
  const [cells, like] = [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0] ?? [1, 0];
  return cells < 2 ? 0 : (like / rows.length) * Math.log2(1 + cells);
}

/** Whether the marks around cells are single: no double one is there, and most lines have cells between single ones. */
function isQuotedSingly(text: string): boolean {
  const lines = text.split('\n').filter(Boolean);
  const quoted = lines.filter((line) => /(^|[,;\t|])'[^']+'\s*($|[,;\t|])/u.test(line));
  return !text.includes('"') && quoted.length * 2 > lines.length;
}

/** Whether a row names columns: each cell something, each another, and none a number. */
const isHeader = (row: readonly string[]): boolean =>
  row.length > 0 &&
  row.every((cell) => cell.trim() !== '' && !/^[\s\d.,£$€-]+$/u.test(cell)) &&
  new Set(row.map((cell) => cell.trim().toLowerCase())).size === row.length;

/** How a file is best read, by its beginning. */
export function dialectOf(text: string, encoding: Encoding): Dialect {
  const table: Dialect = { format: 'csv', encoding, separator: ',', quote: '"', header: true };
  if (/^\uFEFF?\s*\{\s*"/u.test(text)) return { ...table, format: 'jsonl' };
  // A last row that is cut would be of another length.
  const whole = text.slice(0, Math.max(text.lastIndexOf('\n'), 0)) || text;
  let best = { fit: 0, separator: table.separator, quote: table.quote };
  const quotes: Dialect['quote'][] = isQuotedSingly(whole) ? ["'", '"'] : ['"'];
  for (const quote of quotes)
    for (const separator of SEPARATOR_IDS) {
      const found = fit(whole, separator, quote);
      if (found > best.fit + 1e-9) best = { fit: found, separator, quote };
    }
  const { separator, quote } = best;
  return { ...table, separator, quote, header: isHeader(triedRows(whole, best)[0] ?? []) };
}
