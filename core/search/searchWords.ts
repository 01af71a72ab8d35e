/** A word of a search, as the store knows it. All of it is folded: letters and digits alone. */
export interface SearchedWord {
  word: string;
  /** What the store's language makes of it, as a text-search query; empty for a word that it passes over, such as "the". */
  stems: string;
  /** Something has it, a form of it, or where it is the last one, a word that begins with it. */
  known: boolean;
}

/** Words that are spelt much like one, the nearest first. */
export type Spellings = ReadonlyMap<string, readonly string[]>;

/** Most titles that are tried for a search whose words may be spelt otherwise. */
const MOST_TITLES = 200;

/** What is asked of the database for a search (calculations §21). */
export interface SearchQuery {
  /** A tsquery in its own notation. */
  query: string;
  /** Titles and item codes of what is called just that, folded. */
  called: string[];
}

/** One lexeme as it stands in a tsquery; there are no quotes in what is folded. */
const lexeme = (word: string, begins: boolean): string => `'${word}'${begins ? ':*' : ''}`;

const either = (parts: readonly string[]): string => `(${parts.join('|')})`;

/** Every way of taking one of each, as texts, up to so many. */
function combined(choices: readonly (readonly string[])[], most: number): string[] {
  return choices.reduce<string[]>(
    (texts, words) =>
      texts.flatMap((text) => words.map((word) => (text ? `${text} ${word}` : word))).slice(0, most),
    [''],
  );
}

/**
 * What finds products that have every word, or one that is spelt like it; null where there is nothing to look for.
 * Words that the language passes over need not be there, unless there is nothing else.
 * @param every whether all of the words have to be there
 */
export function searchQuery(
  words: readonly SearchedWord[],
  spellings: Spellings,
  every = true,
): SearchQuery | null {
  const telling = words.filter(({ stems }) => stems !== '');
  const asked = telling.length > 0 ? telling : words;
  if (asked.length === 0) return null;
  const choices = asked.map((one) => [
    ...(one.known ? [lexeme(one.word, one === words.at(-1))] : []),
    // The same word once with and once without its beginning alone would have no rank.
    ...(one.known && one.stems && one.stems !== lexeme(one.word, false) ? [`(${one.stems})`] : []),
    ...(spellings.get(one.word) ?? []).map((word) => lexeme(word, false)),
  ]);
  const parts = choices.filter((one) => one.length > 0).map(either);
  if (parts.length === 0) return null;
  const called = combined(
    words.map(({ word, known, stems }) => [
      ...(known || stems === '' ? [word] : []),
      ...(spellings.get(word) ?? []),
    ]),
    MOST_TITLES,
  );
  return { query: parts.join(every ? '&' : '|'), called };
}

/** A search as it is looked for where some of its words are known to nothing: as they are spelt elsewhere. */
export const spelt = (words: readonly SearchedWord[], spellings: Spellings): string =>
  words
    .flatMap(({ word, known, stems }) => (known || stems === '' ? word : (spellings.get(word)?.[0] ?? [])))
    .join(' ');
