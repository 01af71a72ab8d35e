// A spreadsheet takes a cell that begins so for a formula, and runs it.
const FORMULA = /^'*[=+\-@\t\r]/u;
const GUARDED = /^'+[=+\-@\t\r]/u;

/** A cell that no spreadsheet takes for a formula; `unguarded` takes it back. */
export const guarded = (cell: string): string => (FORMULA.test(cell) ? `'${cell}` : cell);

export const unguarded = (cell: string): string => (GUARDED.test(cell) ? cell.slice(1) : cell);

/** What parts the values of one cell. */
export const LIST_MARKS = [';', '|', ','] as const;
/** What parts the levels of a category. */
export const LEVEL_MARKS = ['>', '/'] as const;
export type ListMark = (typeof LIST_MARKS)[number];
export type LevelMark = (typeof LEVEL_MARKS)[number];

const MARK = /[\\;|,>/]/gu;

/** A value among others of a cell: no mark of it parts anything. */
export const escaped = (value: string): string => value.replace(MARK, '\\$&');

const unescaped = (value: string): string => value.replace(/\\([\\;|,>/])/gu, '$1');

/** The values of a cell, without those that are empty; marks after a backslash part nothing. */
export function split(cell: string, mark: ListMark | LevelMark): string[] {
  const parts: string[] = [''];
  for (let i = 0; i < cell.length; i += 1) {
    const letter = cell[i]!;
    if (letter === '\\' && i + 1 < cell.length) {
      parts[parts.length - 1] += letter + cell[i + 1]!;
      i += 1;
    } else if (letter === mark) parts.push('');
    else parts[parts.length - 1] += letter;
  }
  return parts.map((part) => part.trim()).filter((part) => part !== '');
}

export const splitValues = (cell: string, mark: ListMark): string[] => split(cell, mark).map(unescaped);

/** The categories of a cell, each as its levels from the root down. */
export const splitPaths = (cell: string, list: ListMark, level: LevelMark): string[][] =>
  split(cell, list)
    .map((path) => split(path, level).map(unescaped))
    .filter((path) => path.length > 0);

/** How many of some cells a mark parts. */
const parted = (cells: readonly string[], mark: ListMark | LevelMark): number =>
  cells.filter((cell) => split(cell, mark).length > 1).length;

const mostParting = <Mark extends ListMark | LevelMark>(
  cells: readonly string[],
  marks: readonly Mark[],
): Mark => [...marks].sort((a, b) => parted(cells, b) - parted(cells, a))[0]!;

export const listMarkOf = (cells: readonly string[]): ListMark => mostParting(cells, LIST_MARKS);

export const levelMarkOf = (cells: readonly string[]): LevelMark => mostParting(cells, LEVEL_MARKS);
