import { addressSchema, pictureIdSchema, tagsSchema, wordsSchema } from '../facts/factSchemas.ts';
import { boolean, number, string, type Schema } from '../schema/schema.ts';
import { listed, type Names } from '../sentence/sentence.ts';
import { dateFormat } from '../catalogue/formats.ts';
import { entryTextSchema } from './entryText.ts';
import type { Entry } from './entry.ts';

/** Something of an entry that its owner can set. */
export interface EntryFact {
  id: Exclude<keyof Entry, 'id'>;
  name: string;
  schema: Schema;
  /** A value of it in words; empty for none. */
  say(value: unknown, names: Names): string;
}

export const LONGEST_ENTRY = { title: 200, summary: 500, author: 120 };
const MOST_TAGS = 40;
const [EARLIEST, LATEST] = [Date.UTC(1970, 0, 1), Date.UTC(2200, 0, 1)];

const typed: EntryFact['say'] = (value) => (value === '' ? '' : `“${String(value)}”`);
const asText: EntryFact['say'] = (value) => (value === null ? '' : 'another text');

/** Everything that can be set of an entry, in the order in which it is offered. */
export const entryFacts: readonly EntryFact[] = [
  {
    id: 'title',
    name: 'Title',
    schema: wordsSchema(LONGEST_ENTRY.title, 'It needs a title.'),
    say: typed,
  },
  {
    id: 'slug',
    name: 'Address',
    schema: addressSchema,
    say: typed,
  },
  {
    id: 'publishedAt',
    name: 'Date',
    schema: number().integer().min(EARLIEST).max(LATEST).defined(),
    say: (value, { timeZone }) =>
      dateFormat('en-GB', { dateStyle: 'long', timeZone }).format(new Date(value as number)),
  },
  {
    id: 'hidden',
    name: 'Visibility',
    schema: boolean().defined(),
    say: (value) => (value ? 'hidden' : 'shown'),
  },
  { id: 'author', name: 'Author', schema: string().max(LONGEST_ENTRY.author).defined(), say: typed },
  {
    id: 'tags',
    name: 'Tags',
    schema: tagsSchema(MOST_TAGS),
    say: (value) => listed(value as string[]),
  },
  {
    id: 'summary',
    name: 'Short text',
    schema: string().max(LONGEST_ENTRY.summary).defined(),
    say: typed,
  },
  {
    id: 'pictureId',
    name: 'Picture',
    schema: pictureIdSchema.nullable().defined(),
    say: (value) => (value === null ? '' : 'another picture'),
  },
  {
    id: 'text',
    name: 'Text',
    schema: entryTextSchema.test('there', 'An entry has a text.', (value) => value !== null),
    say: asText,
  },
  { id: 'draft', name: 'Text that is not saved', schema: entryTextSchema, say: asText },
];

const byId = new Map<string, EntryFact>(entryFacts.map((fact) => [fact.id, fact]));

export const entryFact = (id: string): EntryFact | undefined => byId.get(id);
