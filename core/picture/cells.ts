/** A stored picture is looked at in so many cells a side (calculations §9). */
export const CELLS = 8;

/** Of each cell, row by row, its darkest colour and its lightest, 0xrrggbb. */
export type Cells = Uint32Array;

/** The cells of a stored file by its id; null where they are not known. */
export type CellsOf = (file: string) => Cells | null;

export const noCells: CellsOf = () => null;

const COLOURS = 2 * CELLS * CELLS;

/** Cells as they are sent: their colours, six digits each, without anything between; null where that is something else. */
export function readCells(text: string): Cells | null {
  if (text.length !== 6 * COLOURS || !/^[0-9a-f]*$/.test(text)) return null;
  return Uint32Array.from({ length: COLOURS }, (_, i) => parseInt(text.slice(6 * i, 6 * i + 6), 16));
}
