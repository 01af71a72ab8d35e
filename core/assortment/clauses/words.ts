import { fold } from '../../catalogue/fold.ts';
import { object, string } from '../../schema/schema.ts';
import { listed } from '../../sentence/sentence.ts';
import type { ClauseKind, ProductRecord } from '../kinds.ts';

export interface WordsClause {
  is: 'words';
  words: string;
}

/** The words that are looked for, folded. */
export const queryWords = (words: string): string[] => [...new Set(fold(words).split(' ').filter(Boolean))];

/** Every word begins a word of title, tag or brand. */
export const hasWords = (words: string, product: ProductRecord): boolean =>
  queryWords(words).every((word) => product.words.some((own) => own.startsWith(word)));

export const wordsClause: ClauseKind<WordsClause> = {
  id: 'words',
  name: 'Has the words',
  find: ['words', 'text', 'search', 'title', 'called'],
  schema: object({
    is: string()
      .oneOf(['words'] as const)
      .required(),
    words: string().max(200).defined(),
  }).noUnknown(),
  atFirst: () => ({ is: 'words', words: '' }),
  say: ({ words }) => [
    'with the words ',
    { text: words ? `"${words}"` : 'still to be typed', opens: 'clause' },
  ],
  looksAt: ['words'],
  gone: () => [],
  holds: ({ words }, product) => hasWords(words, product),
  against: ({ words }, product) => {
    const missing = queryWords(words).filter((word) => !product.words.some((own) => own.startsWith(word)));
    return `no word of its title, tags or brand begins with ${listed(
      missing.map((word) => `"${word}"`),
      'or',
    )}`;
  },
};
