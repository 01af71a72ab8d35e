import { randomBytes } from 'node:crypto';
import { readFile, rm, writeFile, mkdir } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { findAccount, insertAccount } from '../server/accounts/accountRows.ts';
import { hashPassword } from '../server/accounts/passwords.ts';
import { makeServer } from '../server/app.ts';
import { migrate } from '../server/db/migrate.ts';
import { makePool, type Pool } from '../server/db/pool.ts';
import { buildStudio } from '../server/start/build.ts';
import { readOrigin, readTrustProxy } from '../server/start/environment.ts';
import { listen, portIsFree, readPort, stopOnSignal } from '../server/start/listen.ts';
import { startPostgres } from '../server/start/postgres.ts';
import { seedDemo } from './seed.ts';

const OWNER = 'owner@kelverstone.example';

/** Password of the demo's owner: as given, or made once and kept in the data folder. */
async function demoPassword(data: string): Promise<string> {
  const given = process.env.WIDE_SHELF_DEMO_PASSWORD;
  if (given) return given;
  const file = join(data, 'demo-password');
  const kept = await readFile(file, 'utf8').catch(() => null);
  if (kept) return kept;
  const made = randomBytes(9).toString('base64url');
  await writeFile(file, made, { mode: 0o600 });
  return made;
}

async function ensureOwner(pool: Pool, password: string): Promise<void> {
  const passwordHash = await hashPassword(password);
  if (await findAccount(pool, OWNER))
    await pool.query('UPDATE account SET password_hash = $2 WHERE email = $1', [OWNER, passwordHash]);
  else await insertAccount(pool, { email: OWNER, name: 'Wren Kelver', role: 'owner', passwordHash });
}

/** The demo store with everything it needs, in one process and its PostgreSQL. */
async function start(): Promise<void> {
  const { WIDE_SHELF_DATA = '.data', PORT, HOST = '127.0.0.1', PUBLIC_ORIGIN, TRUST_PROXY } = process.env;
  const data = resolve(WIDE_SHELF_DATA);
  const port = readPort(PORT);
  const publicOrigin = readOrigin(PUBLIC_ORIGIN, `http://${HOST}:${port}`);
  const trustProxy = readTrustProxy(TRUST_PROXY);
  const fresh = process.argv.includes('--reset');
  await portIsFree(HOST, port);
  await mkdir(data, { recursive: true });
  const postgres = await startPostgres(join(data, 'postgres'), { fresh, revives: true });
  if (fresh)
    for (const one of ['pictures', 'demo-password'])
      await rm(join(data, one), { recursive: true, force: true });
  let stop = () => postgres.stop();
  stopOnSignal(() => stop());
  try {
    await migrate(postgres.url);
    const pool = makePool(postgres.url);
    const { rowCount } = await pool.query('SELECT FROM release LIMIT 1');
    if (!rowCount) {
      console.log('Making the demo store; this takes under a minute and is done once.');
      await seedDemo(pool, { now: Date.now(), log: (line) => console.log(`  ${line}`) });
    }
    const password = await demoPassword(data);
    await ensureOwner(pool, password);
    await pool.end();
    await buildStudio(console.log);
    const server = await makeServer({
      databaseUrl: postgres.url,
      picturesFolder: join(data, 'pictures'),
      publicOrigin,
      trustProxy,
      logger: { level: 'warn' },
    });
    stop = async () => {
      await server.stop();
      await postgres.stop();
    };
    const address = await listen(server, HOST, port);
    console.log(
      `\n  Studio      ${address}/studio\n  Storefront  ${address}/\n\n  Sign in as ${OWNER} with the password ${password}\n  Ctrl-C stops all of it.\n`,
    );
  } catch (error) {
    await stop();
    throw error;
  }
}

start().catch((error: unknown) => {
  console.error(error instanceof Error ? `\n${error.message}\n` : error);
  process.exit(1);
});
