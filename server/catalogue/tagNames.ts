import type { Queryable } from '../db/pool.ts';

/** Tags that are called otherwise than they are known by, with what they are called. @param among all of them where absent */
export async function readTagNames(
  db: Queryable,
  among: readonly string[] | null = null,
): Promise<Map<string, string>> {
  const { rows } = await db.query<{ id: string; name: string }>(
    'SELECT id, name FROM tag WHERE name <> id AND ($1::text[] IS NULL OR id = ANY($1))',
    [among],
  );
  return new Map(rows.map(({ id, name }) => [id, name]));
}
