import { IN_BRACES, isText, type Said, type TextDefinition, type TextTable, type Words } from './text.ts';

/** Own words by the ids of texts: their names, with dots between. */
export type WordsById = Readonly<Record<string, Words>>;

/** The language of a locale, BCP 47, without its region. */
export const languageOf = (locale: string): string => locale.split('-')[0]!.toLowerCase();

/** How a language writes numbers and counts; made once, since that takes longer than writing many. */
interface Formats {
  whole: Intl.NumberFormat;
  tenths: Intl.NumberFormat;
  plural: Intl.PluralRules;
}

const known = new Map<string, Formats>();

function formatsOf(locale: string): Formats {
  let found = known.get(locale);
  if (!found) {
    found = {
      whole: new Intl.NumberFormat(locale, { maximumFractionDigits: 0 }),
      tenths: new Intl.NumberFormat(locale, { minimumFractionDigits: 1, maximumFractionDigits: 1 }),
      plural: new Intl.PluralRules(locale),
    };
    known.set(locale, found);
  }
  return found;
}

/** The words of a plural category; those for all others where it has none of its own. */
export const formOf = (words: Words, category: Intl.LDMLPluralRule): string | undefined =>
  typeof words === 'string' ? words : (words[category] ?? words.other);

/** Words with what is given in the place of their braces, numbers as the language writes them. */
export function filledText(
  words: Words,
  { params, words: shipped }: TextDefinition,
  given: readonly (string | number)[],
  locale: string,
): string {
  const counted = params.findIndex(([, sample, written]) => typeof sample === 'number' && !written);
  const category =
    typeof words === 'string' || counted < 0
      ? 'other'
      : formatsOf(locale).plural.select(Number(given[counted]));
  const template = formOf(words, category) ?? formOf(shipped, category)!;
  return template.replace(IN_BRACES, (whole, name) => {
    const at = params.findIndex(([one]) => one === name);
    if (at < 0) return whole;
    const value = given[at]!;
    if (typeof value === 'string') return value;
    return formatsOf(locale)[params[at]![2] ?? 'whole'].format(value);
  });
}

/** What a table comes to, in own words where there are some. */
export function made<T extends TextTable>(table: T, own: WordsById, locale: string, under = ''): Said<T> {
  const said = Object.entries(table).map(([name, one]) => {
    const id = under + name;
    if (!isText(one)) return [name, made(one, own, locale, `${id}.`)];
    const words = own[id] ?? one.words;
    const text = (...given: (string | number)[]) => filledText(words, one, given, locale);
    return [name, one.params.length > 0 ? text : text()];
  });
  return Object.fromEntries(said) as Said<T>;
}
