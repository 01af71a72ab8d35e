import { fileURLToPath } from 'node:url';
import { runner } from 'node-pg-migrate';

/** Brings the database to the newest of the migrations in plain SQL. Several processes may try at once. */
export async function migrate(connectionString: string): Promise<void> {
  await runner({
    databaseUrl: connectionString,
    dir: fileURLToPath(new URL('./migrations', import.meta.url)),
    direction: 'up',
    migrationsTable: 'migration',
    count: Infinity,
    log: () => undefined,
  });
}
