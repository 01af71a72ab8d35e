import pg from 'pg';

export type Pool = pg.Pool;
export type Queryable = Pick<pg.Pool, 'query'>;

/** No single statement may take longer, ms. */
const STATEMENT_TIMEOUT_MS = 8_000;

/**
 * Rules are many short statements of all shapes: compiling them costs more than it gains, what they sort and
 * gather should stay in memory, and what they read is in memory already.
 */
const SETTINGS = ['jit=off', 'work_mem=48MB', 'random_page_cost=1.1'];

export function makePool(connectionString: string, options: pg.PoolConfig = {}): Pool {
  const pool = new pg.Pool({
    connectionString,
    max: 10,
    connectionTimeoutMillis: 5_000,
    statement_timeout: STATEMENT_TIMEOUT_MS,
    // One that the server never answers, since the wire to it was cut silently.
    query_timeout: STATEMENT_TIMEOUT_MS + 2_000,
    options: SETTINGS.map((setting) => `-c ${setting}`).join(' '),
    ...options,
  });
  // A connection that breaks while idle is replaced by the pool; whoever asks next is told.
  pool.on('error', () => undefined);
  // So is one that breaks while it is lent out: its query fails, the process does not.
  pool.on('connect', (client) => client.on('error', () => undefined));
  return pool;
}

/** Tries of a transaction that met another one, and how long is waited between them at most, ms. */
const MOST_TRIES = 4;
const MOST_WAIT_MS = 40;

/** SQLSTATE class 40: two transactions met, and this one was chosen to give way. */
const gaveWay = (error: unknown) => String((error as { code?: unknown }).code).startsWith('40');

/**
 * Runs `work` in one transaction; any error takes all of it back. Where it met another one it is run again, so that it
 * should do nothing that is not taken back.
 */
export async function inTransaction<T>(pool: Pool, work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries += 1)
    try {
      return await tryOnce(pool, work);
    } catch (error) {
      if (!gaveWay(error) || tries === MOST_TRIES) throw error;
      await new Promise((resolve) => setTimeout(resolve, Math.random() * MOST_WAIT_MS * tries));
    }
}

async function tryOnce<T>(pool: Pool, work: (client: pg.PoolClient) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    client.release();
    return result;
  } catch (error) {
    // The first error is the one that counts; a connection that cannot roll back is thrown away.
    const broken = await client.query('ROLLBACK').then(
      () => false,
      () => true,
    );
    client.release(broken);
    throw error;
  }
}
