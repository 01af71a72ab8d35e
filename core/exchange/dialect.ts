import type { Encoding } from './encoding.ts';

export const SEPARATORS = { ',': 'commas', ';': 'semicolons', '\t': 'tabs', '|': 'upright lines' } as const;
export type Separator = keyof typeof SEPARATORS;
export const SEPARATOR_IDS = Object.keys(SEPARATORS) as Separator[];

export const FORMATS = { csv: 'a table', jsonl: 'JSON Lines' } as const;
export type FileFormat = keyof typeof FORMATS;

/** How a file is read. */
export interface Dialect {
  format: FileFormat;
  encoding: Encoding;
  /** Between cells; means nothing outside a table. */
  separator: Separator;
  quote: '"' | "'";
  /** The first row holds the names of the columns. */
  header: boolean;
}

/** In whatever mixture. */
export const LINE_ENDS = ['\r\n', '\n', '\r'];
