import type { Pool } from '../../server/db/pool.ts';

/** Inserts rows given as objects, in one statement. */
export async function insertRows(
  client: Pick<Pool, 'query'>,
  table: string,
  columns: Record<string, string>,
  rows: readonly object[],
): Promise<void> {
  if (rows.length === 0) return;
  const names = Object.keys(columns).join(', ');
  const types = Object.entries(columns)
    .map(([name, type]) => `${name} ${type}`)
    .join(', ');
  await client.query(
    `INSERT INTO ${table} (${names}) SELECT ${names} FROM jsonb_to_recordset($1::jsonb) AS row (${types})`,
    [JSON.stringify(rows)],
  );
}
