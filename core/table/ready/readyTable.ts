import type { Of } from '../../assortment/of.ts';
import type { TableColumn } from '../tableColumn.ts';

/** A ready-made table: its columns, and what else of a table makes it what it is; a start, to be set in detail. */
export interface ReadyTable {
  id: string;
  name: string;
  /** What it is good for, in a sentence. */
  about: string;
  /** Kinds of item that it is for. */
  of: readonly Of[];
  columns: readonly TableColumn[];
  /** Settings of the table by their keys; those that are not said are as of a new one. Ones that vary hold at every width. */
  own?: Readonly<Record<string, unknown>>;
}
