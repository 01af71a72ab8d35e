import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { seedDemo } from '../demo/seed.ts';
import { insertAccount } from '../server/accounts/accountRows.ts';
import { hashPassword } from '../server/accounts/passwords.ts';
import { migrate } from '../server/db/migrate.ts';
import { makePool } from '../server/db/pool.ts';
import { startPostgres } from '../server/start/postgres.ts';

const OWNER = { email: 'owner@kelverstone.example', password: 'kiln-and-clay' };
const TEMPLATE = 'seeded';

/** A PostgreSQL in a temporary folder with the demo store as a template that each journey copies. */
export async function startTemplate(
  pictureScale: number,
): Promise<{ env: Record<string, string>; url: string; seed(): Promise<void>; stop(): Promise<void> }> {
  const folder = await mkdtemp(join(tmpdir(), 'wide-shelf-test-'));
  const postgres = await startPostgres(join(folder, 'data'));
  const seeded = new URL(postgres.url);
  seeded.pathname = `/${TEMPLATE}`;
  return {
    url: postgres.url,
    env: {
      TEST_DATABASE_URL: postgres.url,
      TEST_TEMPLATE: TEMPLATE,
      TEST_PICTURES: join(folder, 'pictures'),
    },
    async seed() {
      const admin = makePool(postgres.url);
      await admin.query(`CREATE DATABASE ${TEMPLATE}`);
      await admin.end();
      await migrate(seeded.href);
      const pool = makePool(seeded.href);
      await seedDemo(pool, { now: Date.now(), pictureScale });
      await insertAccount(pool, {
        email: OWNER.email,
        name: 'Wren Kelver',
        role: 'owner',
        passwordHash: await hashPassword(OWNER.password),
      });
      await pool.end();
    },
    async stop() {
      await postgres.stop();
      await rm(postgres.folder, { recursive: true, force: true });
      await rm(folder, { recursive: true, force: true });
    },
  };
}
