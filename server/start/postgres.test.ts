import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readPort } from './listen.ts';
import { startPostgres } from './postgres.ts';

let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'wide-shelf-start-'));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

const ask = async (url: string, text: string) => {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  return client.query(text).finally(() => client.end());
};

describe('a PostgreSQL of our own', () => {
  it('survives a half-made folder, a kill, and a stale mark, and loses nothing', async () => {
    // mkdtemp makes a folder that only we may enter; the database's own folder is then elsewhere.
    const base = join(folder, 'data');
    await mkdir(join(base, 'pg-making'), { recursive: true });
    await writeFile(join(base, 'pg-making', 'half'), 'made');
    const first = await startPostgres(base);
    await ask(first.url, 'CREATE TABLE kept AS SELECT 1 AS one');
    const pid = Number((await readFile(join(first.folder, 'postmaster.pid'), 'utf8')).split('\n')[0]);
    process.kill(pid, 'SIGKILL');
    await expect.poll(() => existsSync(`/proc/${pid}/exe`), { timeout: 5000 }).toBe(false);
    expect(existsSync(join(first.folder, 'postmaster.pid'))).toBe(true);

    const second = await startPostgres(base);
    expect((await ask(second.url, 'SELECT one FROM kept')).rows).toEqual([{ one: 1 }]);

    // An earlier run that was killed leaves its server behind; the next start ends it and goes on.
    const third = await startPostgres(base);
    expect((await ask(third.url, 'SELECT one FROM kept')).rows).toEqual([{ one: 1 }]);
    await expect(ask(second.url, 'SELECT 1')).rejects.toThrow();
    await third.stop();
    await rm(third.folder, { recursive: true, force: true });
  }, 60_000);

  it('listens on the loopback only', async () => {
    const base = await mkdtemp(join(tmpdir(), 'wide-shelf-loop-'));
    const server = await startPostgres(base);
    const { rows } = await ask(server.url, 'SHOW listen_addresses');
    expect(rows).toEqual([{ listen_addresses: '127.0.0.1' }]);
    await server.stop();
    await rm(server.folder, { recursive: true, force: true });
    await rm(base, { recursive: true, force: true });
  }, 60_000);
});

describe('the port', () => {
  it('is a number of a port, or said to be none', () => {
    expect(readPort(undefined)).toBe(4310);
    expect(readPort('0')).toBe(0);
    for (const text of ['http', '70000', '-1', '1.5']) expect(() => readPort(text)).toThrow(/no port/);
  });
});
