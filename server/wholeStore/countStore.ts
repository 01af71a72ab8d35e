import type { StoreCounts } from '../../core/wholeStore/storeFile.ts';
import type { Queryable } from '../db/pool.ts';

/** What the store has, and whether a whole store can be brought into it: only where nothing would be mixed with it. */
export async function countStore(db: Queryable): Promise<{ counts: StoreCounts; isEmpty: boolean }> {
  const { rows } = await db.query<StoreCounts & { others: boolean }>(
    `SELECT (SELECT count(*) FROM product)::int AS products, (SELECT count(*) FROM picture)::int AS pictures,
       (SELECT count(*) FROM category)::int AS categories, (SELECT count(*) FROM journal_entry)::int AS entries,
       (SELECT count(*) FROM draft_document WHERE key LIKE 'page:%' AND body IS NOT NULL)::int AS pages,
       EXISTS (SELECT FROM brand) OR EXISTS (SELECT FROM collection) OR EXISTS (SELECT FROM tag) OR EXISTS (SELECT FROM field)
         OR EXISTS (SELECT FROM option) OR EXISTS (SELECT FROM own_family) OR EXISTS (SELECT FROM release) AS others`,
  );
  const { others, ...counts } = rows[0]!;
  // Pages there are always: those that every store begins with.
  const { pages: _, ...goods } = counts;
  return { counts, isEmpty: !others && Object.values(goods).every((count) => count === 0) };
}
