import { fitColumns } from './columnFit.ts';
import { partKind } from '../card/parts/index.ts';
import type { TableColumn } from './tableColumn.ts';

/** A table at one step: which columns it has there, and which have left for the second line. */
export interface TableStep {
  stay: readonly TableColumn[];
  left: readonly TableColumn[];
  /** It is narrower than the smallest widths of its columns together. */
  isNarrow: boolean;
}

/** @param innerPx of the table, where the step begins */
export function tableStep(columns: readonly TableColumn[], innerPx: number): TableStep {
  const { stay, left } = fitColumns(columns, innerPx);
  return { stay, left, isNarrow: stay.reduce((sum, { least }) => sum + least, 0) > innerPx };
}

/** Of a column that has left, and can be pressed: it is there once, and moves under the row. */
export const movesUnder = ({ id }: Pick<TableColumn, 'id'>): boolean => partKind(id)?.takesPresses ?? false;

/** Of a column that has left, and says something: it stands in the second line of the title too. */
export const saysUnder = ({ id }: Pick<TableColumn, 'id'>): boolean => {
  const kind = partKind(id);
  return kind !== undefined && !kind.isPicture && !kind.takesPresses;
};
