import type { QueryConfig } from 'pg';
import { inTransaction, type Pool } from '../db/pool.ts';

/** All products are read again, ms. */
const LONGEST_MS = 600_000;

/** Lets the search know the forms of words of a language; nothing where it knows them. */
export const searchIn = (db: Pool, language: string): Promise<void> =>
  inTransaction(db, async (client) => {
    await client.query(`SET LOCAL statement_timeout = ${LONGEST_MS}`);
    const asked: QueryConfig & { query_timeout: number } = {
      text: 'SELECT search_in($1::regconfig)',
      values: [`pg_catalog.${language}`],
      query_timeout: LONGEST_MS,
    };
    await client.query(asked);
  });
