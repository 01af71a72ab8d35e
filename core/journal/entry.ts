import type { EntryBlock } from './entryText.ts';

/** A journal entry as its owner keeps it. */
export interface Entry {
  id: number;
  slug: string;
  title: string;
  /** On cards, and for search engines. */
  summary: string;
  /** Empty where nobody is named. */
  author: string;
  tags: readonly string[];
  pictureId: string | null;
  /** UTC ms; it is not shown before. */
  publishedAt: number;
  /** It is not shown whatever its date. */
  hidden: boolean;
  /** What shoppers read. */
  text: readonly EntryBlock[];
  /** What is being written, until it is saved; null where that is nothing else. */
  draft: readonly EntryBlock[] | null;
}

/** The same as it stands in the list of all. */
export interface EntryRow extends Omit<Entry, 'text' | 'draft'> {
  /** Something is written in it that is not saved. */
  drafted: boolean;
}

/** Whether shoppers can read it. */
export const isOut = ({ hidden, publishedAt }: Pick<Entry, 'hidden' | 'publishedAt'>, now: number): boolean =>
  !hidden && publishedAt <= now;

/** What an entry may lack, each a filter of their list. */
export const entryLacks = [
  {
    id: 'picture',
    words: 'without a picture',
    is: ({ pictureId }: EntryRow) => pictureId === null,
  },
  {
    id: 'summary',
    words: 'without a short text',
    is: ({ summary }: EntryRow) => summary.trim() === '',
  },
  { id: 'drafted', words: 'with a text not saved', is: ({ drafted }: EntryRow) => drafted },
  { id: 'hidden', words: 'hidden', is: ({ hidden }: EntryRow) => hidden },
] as const;
