import type pg from 'pg';

const TRIES = 50;
const WAIT_MS = 40;

/**
 * Drops a test's database once its connections have closed: one that is still closing when its database is dropped
 * would say so, and nobody listens to it any more.
 */
export async function dropDatabase(admin: pg.Client, name: string): Promise<void> {
  for (let tries = 0; tries < TRIES; tries += 1) {
    const { rows } = await admin.query<{ open: number }>(
      'SELECT count(*)::int AS open FROM pg_stat_activity WHERE datname = $1',
      [name],
    );
    if (rows[0]!.open === 0) break;
    await new Promise((resolve) => setTimeout(resolve, WAIT_MS));
  }
  await admin.query(`DROP DATABASE ${name} WITH (FORCE)`);
}
