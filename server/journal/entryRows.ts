import type { Entry, EntryRow } from '../../core/journal/entry.ts';
import type { Queryable } from '../db/pool.ts';

/** The column of every fact of an entry. */
export const COLUMNS: Readonly<Record<Exclude<keyof Entry, 'id'>, string>> = {
  slug: 'slug',
  title: 'title',
  summary: 'summary',
  author: 'author',
  tags: 'tags',
  pictureId: 'picture_id',
  publishedAt: 'published_at',
  hidden: 'hidden',
  text: 'text',
  draft: 'draft',
};

const read = (facts: readonly (keyof typeof COLUMNS)[]): string =>
  ['id', ...facts.map((fact) => `${COLUMNS[fact]} AS "${fact}"`)].join(', ');
const ALL = Object.keys(COLUMNS) as (keyof typeof COLUMNS)[];
const LISTED = ALL.filter((fact) => fact !== 'text' && fact !== 'draft');

type Kept<T extends { publishedAt: number }> = Omit<T, 'publishedAt'> & { publishedAt: Date };
const asRead = <T extends { publishedAt: number }>(row: Kept<T>): T =>
  ({ ...row, publishedAt: row.publishedAt.getTime() }) as unknown as T;

/** Every entry without its text, the newest first. */
export async function readEntryRows(db: Queryable): Promise<EntryRow[]> {
  const { rows } = await db.query<Kept<EntryRow>>(
    `SELECT ${read(LISTED)}, draft IS NOT NULL AS drafted FROM journal_entry ORDER BY published_at DESC, id DESC`,
  );
  return rows.map(asRead);
}

/** Entries as their owner keeps them, by id; those that are gone are absent. @param locked until the transaction ends */
export async function readEntriesById(
  db: Queryable,
  ids: readonly number[],
  { locked = false } = {},
): Promise<Map<number, Entry>> {
  // Locked in one order, so that two who edit never wait for each other.
  const { rows } = await db.query<Kept<Entry>>(
    `SELECT ${read(ALL)} FROM journal_entry WHERE id = ANY($1) ORDER BY id ${locked ? 'FOR UPDATE' : ''}`,
    [ids],
  );
  return new Map(rows.map((row) => [row.id, asRead(row)]));
}

/** A value as its column takes it. */
export const asKept = (fact: keyof typeof COLUMNS, { [fact]: value }: Entry): unknown => {
  if (fact === 'publishedAt') return new Date(value as number);
  return (fact === 'text' || fact === 'draft') && value !== null ? JSON.stringify(value) : value;
};
