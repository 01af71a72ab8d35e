/** What a search came to. */
export interface Found {
  /** As they were typed. */
  words: string;
  /** Ids of products, the best match first. Where nothing matched, of what sells best. */
  ids: readonly number[];
  /** How it was found, if not by the words as they were typed. */
  how: 'asTyped' | 'spelt' | 'some' | 'nothing';
  /** The words as they were looked for, where they were spelt otherwise. */
  instead: string;
}

export const nothingSearched: Found = { words: '', ids: [], how: 'asTyped', instead: '' };
