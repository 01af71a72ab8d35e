import type { CollectionFacts, EntryDetail, EntryFacts } from '../../core/catalogue/facts.ts';
import type { Queryable } from '../db/pool.ts';
import { pictureJson } from '../pictures/pictureRows.ts';

/** Collections; of those with a rule the number of products is reckoned elsewhere and stands as at least one. */
export async function readCollections(db: Queryable): Promise<CollectionFacts[]> {
  const { rows } = await db.query<CollectionFacts>(
    `SELECT c.id, c.slug, c.name, c.description, c.position, ${pictureJson('pic', 'c.name')} AS picture, c.rule IS NOT NULL AS "byRule",
       CASE WHEN c.rule IS NULL THEN (SELECT count(*)::int FROM collection_product cp WHERE cp.collection_id = c.id) ELSE 1 END AS products
     FROM collection c LEFT JOIN picture pic ON pic.id = c.picture_id ORDER BY c.position, c.id`,
  );
  return rows;
}

type EntryRow = Omit<EntryDetail, 'publishedAt'> & { published_at: Date; hidden: boolean };

/** The latest instant there is, UTC ms: what is hidden comes out then. */
const NEVER = 8.64e15;

const ENTRY = `SELECT e.id, e.slug, e.title, e.summary, e.published_at, e.hidden, e.author, e.tags, ${pictureJson('pic', 'e.title')} AS picture`;
const FROM = 'FROM journal_entry e LEFT JOIN picture pic ON pic.id = e.picture_id';

const asEntry = <R extends Omit<EntryRow, 'text'>>({ published_at, hidden, ...row }: R) => ({
  ...row,
  publishedAt: hidden ? NEVER : published_at.getTime(),
});

export async function readEntries(db: Queryable): Promise<EntryFacts[]> {
  const { rows } = await db.query<Omit<EntryRow, 'text'>>(
    `${ENTRY} ${FROM} ORDER BY e.published_at DESC, e.id`,
  );
  return rows.map(asEntry);
}

/** An entry as it is being written, whether or not it is out; null where it is not there. */
export async function readEntryDraft(db: Queryable, id: number): Promise<EntryDetail | null> {
  const { rows } = await db.query<EntryRow>(
    `${ENTRY}, coalesce(e.draft, e.text) AS text ${FROM} WHERE e.id = $1`,
    [id],
  );
  return rows[0] ? asEntry(rows[0]) : null;
}

/** An entry that is out by `now`, with its text. */
export async function readEntry(db: Queryable, slug: string, now: number): Promise<EntryDetail | null> {
  const { rows } = await db.query<EntryRow>(
    `${ENTRY}, e.text ${FROM} WHERE e.slug = $1 AND e.published_at <= $2 AND NOT e.hidden`,
    [slug, new Date(now)],
  );
  return rows[0] ? asEntry(rows[0]) : null;
}
