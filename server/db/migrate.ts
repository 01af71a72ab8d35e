import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';
import pg from 'pg';

/** Whoever migrates holds this; any number, but the same for all. */
const LOCK = 731_905;

/** Brings the database to the newest of the migrations in plain SQL. Of several processes one does, and the others wait. */
export async function migrate(connectionString: string): Promise<void> {
  const client = new pg.Client({ connectionString });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [LOCK]);
    await runner({
      dbClient: client,
      dir: fileURLToPath(new URL('./migrations', import.meta.url)),
      direction: 'up',
      migrationsTable: 'migration',
      count: Infinity,
      noLock: true,
      log: () => undefined,
    });
  } finally {
    // The lock ends with the connection.
    await client.end();
  }
}
