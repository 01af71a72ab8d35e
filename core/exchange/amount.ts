/** What parts the whole of an amount from its hundredths. */
export type DecimalMark = '.' | ',';

/** Digits, with what stands between them; signs of currencies, their codes and spaces around are not of it. */
const bare = (text: string): string =>
  text
    .normalize('NFKC')
    .replace(/[\s'’_]/gu, '')
    .replace(/^(\p{Sc}|\p{L}{1,3}\.?)(?=[-\d.,])/u, '')
    .replace(/(\p{Sc}|\p{L}{1,3}|[.,]?[-–])$/u, '');

/**
 * The decimal mark that amounts of one column are written with: the last one of those that have both; else one that has
 * not just three digits after it, which the mark of thousands would have; else the point.
 * @param digits that minor units of the currency have
 */
export function decimalMarkOf(values: Iterable<string>, digits: number): DecimalMark {
  const votes = { '.': 0, ',': 0 };
  for (const value of values) {
    const [text, both] = [bare(value), /[.,]/gu];
    const marks = text.match(both) ?? [];
    const last = marks.at(-1) as DecimalMark | undefined;
    if (!last) continue;
    const after = text.length - 1 - text.lastIndexOf(last);
    const isOther = last === '.' ? ',' : '.';
    if (marks.length > 1 && new Set(marks).size === 2) votes[last] += 4;
    else if (marks.length > 1) votes[isOther] += 4;
    else if (after === 3 && digits !== 3) votes[isOther] += text.startsWith('0') ? 0 : 1;
    else votes[last] += 4;
  }
  return votes[','] > votes['.'] ? ',' : '.';
}

/** No number is written longer. */
const LONGEST_NUMBER = 80;

/** As spreadsheets and programs write what is very large or small. */
const SCIENTIFIC = /^-?\d+([.,]\d+)?e[+-]?\d+$/iu;

/** A number as it is written with such a mark; null where it is none. */
export function readNumber(text: string, mark: DecimalMark): number | null {
  if (text.length > LONGEST_NUMBER) return null;
  const thousands = mark === '.' ? ',' : '.';
  const said = bare(text);
  if (SCIENTIFIC.test(said)) return finite(said.replace(',', '.'));
  const [whole, part = '', ...more] = said.split(mark);
  if (more.length > 0 || part.includes(thousands) || !/^-?[\d.,]*$/u.test(said)) return null;
  const groups = whole!.split(thousands);
  if (
    groups.length > 1 &&
    (!/^-?\d{1,3}$/u.test(groups[0]!) || groups.slice(1).some((group) => !/^\d{3}$/u.test(group)))
  )
    return null;
  const digits = groups.join('');
  if (!/\d/u.test(digits + part)) return null;
  return finite(`${digits || '0'}.${part || '0'}`);
}

function finite(text: string): number | null {
  const number = Number(text);
  return Number.isFinite(number) ? number : null;
}

/** An amount in minor units; null where it is none, or finer than they are. @param digits that minor units have */
export function readAmount(text: string, mark: DecimalMark, digits: number): number | null {
  const number = readNumber(text, mark);
  if (number === null) return null;
  const minor = Math.round(number * 10 ** digits);
  return Number.isSafeInteger(minor) &&
    Math.abs(minor - number * 10 ** digits) < 1e-6 * Math.max(1, Math.abs(minor))
    ? minor
    : null;
}
