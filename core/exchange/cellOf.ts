import { escaped } from './cells.ts';

/** A text without halves of letters, which no database keeps. */
export const wellFormed = (text: string): string => text.replace(/\p{Surrogate}/gu, '\uFFFD');

/** A number that no mark of thousands could be read in. */
function plainNumber(value: number): string {
  const said = String(value);
  return /\.\d{3}$/u.test(said) ? `${said}0` : said;
}

/** A value as the cell of a table says it: lists with their values at ";", those of lists with their levels at ">". */
export function cellOf(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return plainNumber(value);
  if (Array.isArray(value))
    return value
      .map((one) =>
        Array.isArray(one) ? one.map((level) => escaped(cellOf(level))).join(' > ') : escaped(cellOf(one)),
      )
      .join('; ');
  return wellFormed(typeof value === 'string' ? value : JSON.stringify(value));
}
