import type { Queryable } from '../db/pool.ts';

/** Puts rows given as objects into a table. @param columns their types, by name */
export const insertInto = (
  db: Queryable,
  table: string,
  columns: Readonly<Record<string, string>>,
  rows: readonly object[],
) => {
  const names = Object.keys(columns).join(', ');
  const typed = Object.entries(columns).map(([name, type]) => `${name} ${type}`);
  return db.query(
    `INSERT INTO ${table} (${names}) SELECT ${names} FROM jsonb_to_recordset($1) AS r (${typed.join(', ')})`,
    [JSON.stringify(rows)],
  );
};
