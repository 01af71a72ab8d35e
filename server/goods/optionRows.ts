import type { Queryable } from '../db/pool.ts';

const idOf = async (db: Queryable, sql: string, given: unknown[]): Promise<number> =>
  (await db.query<{ id: number }>(sql, given)).rows[0]!.id;

/** Makes an option, the last of all. Returns its id. */
export const addOptionRow = (db: Queryable, name: string): Promise<number> =>
  idOf(
    db,
    `INSERT INTO option (name, position)
     VALUES ($1, (SELECT coalesce(max(position) + 1, 0) FROM option)) RETURNING id`,
    [name],
  );

/** Makes a value of an option, the last of it. Returns its id. */
export const addValueRow = (db: Queryable, optionId: number, name: string): Promise<number> =>
  idOf(
    db,
    `INSERT INTO option_value (option_id, name, position) VALUES ($1, $2,
       (SELECT coalesce(max(position) + 1, 0) FROM option_value WHERE option_id = $1)) RETURNING id`,
    [optionId, name],
  );
