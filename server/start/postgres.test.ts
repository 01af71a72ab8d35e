import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { otherProcess, type OtherProcess } from '../specimen/otherProcess.ts';
import { portIsFree, readPort } from './listen.ts';
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

/** Starts one in a process of its own, as a run that can be killed; resolves once it answers. */
function otherRun(base: string): Promise<OtherProcess> {
  const starter = new URL('./postgres.ts', import.meta.url).href;
  return otherProcess(`import(${JSON.stringify(starter)}).then(({ startPostgres }) => startPostgres(${JSON.stringify(base)}))
    .then(({ url }) => console.log('at ' + url)); setInterval(() => undefined, 60_000);`);
}

const postmaster = async (folder: string) =>
  Number((await readFile(join(folder, 'postmaster.pid'), 'utf8')).split('\n')[0]);

describe('a PostgreSQL of our own', () => {
  it('survives a half-made folder, a kill, and a stale mark, and loses nothing', async () => {
    // mkdtemp makes a folder that only we may enter; the database's own folder is then elsewhere.
    const base = join(folder, 'data');
    await mkdir(join(base, 'pg-making'), { recursive: true });
    await writeFile(join(base, 'pg-making', 'half'), 'made');
    const first = await startPostgres(base);
    await ask(first.url, 'CREATE TABLE kept AS SELECT 1 AS one');
    const pid = await postmaster(first.folder);
    process.kill(pid, 'SIGKILL');
    await expect.poll(() => existsSync(`/proc/${pid}/exe`), { timeout: 5000 }).toBe(false);
    expect(existsSync(join(first.folder, 'postmaster.pid'))).toBe(true);
    await first.stop();

    // A run that was killed leaves its server behind; the next start ends that and goes on.
    const second = await otherRun(base);
    expect((await ask(second.url, 'SELECT one FROM kept')).rows).toEqual([{ one: 1 }]);
    await second.kill();
    expect((await ask(second.url, 'SELECT one FROM kept')).rows).toEqual([{ one: 1 }]);
    const third = await startPostgres(base);
    expect((await ask(third.url, 'SELECT one FROM kept')).rows).toEqual([{ one: 1 }]);
    await expect(ask(second.url, 'SELECT 1')).rejects.toThrow();
    await third.stop();
    await rm(third.folder, { recursive: true, force: true });
  }, 60_000);

  it('is left alone by a second start on the same data, which says who has it', async () => {
    const base = join(folder, 'shared');
    const running = await otherRun(base);
    await expect(startPostgres(base)).rejects.toThrow(
      new RegExp(`in use by process ${running.child.pid}.*WIDE_SHELF_DATA`),
    );
    expect((await ask(running.url, 'SELECT 1 AS one')).rows).toEqual([{ one: 1 }]);
    await running.kill();
    const next = await startPostgres(base);
    await next.stop();
    await rm(next.folder, { recursive: true, force: true });
  }, 60_000);

  it('does not end the PostgreSQL of another folder whose number stands in a stale mark', async () => {
    const [mine, theirs] = await Promise.all([
      startPostgres(join(folder, 'mine')),
      startPostgres(join(folder, 'theirs')),
    ]);
    await mine.stop();
    await writeFile(
      join(mine.folder, 'postmaster.pid'),
      `${await postmaster(theirs.folder)}\n${mine.folder}\n`,
    );
    const again = await startPostgres(join(folder, 'mine'));
    expect((await ask(theirs.url, 'SELECT 1 AS one')).rows).toEqual([{ one: 1 }]);
    expect((await ask(again.url, 'SELECT 1 AS one')).rows).toEqual([{ one: 1 }]);
    for (const one of [again, theirs]) {
      await one.stop();
      await rm(one.folder, { recursive: true, force: true });
    }
  }, 60_000);

  it('is brought back at the same address when it dies', async () => {
    const warn = vi.spyOn(console, 'warn').mockImplementation(() => undefined);
    const server = await startPostgres(join(folder, 'revived'), { revives: true });
    await ask(server.url, 'CREATE TABLE kept AS SELECT 1 AS one');
    const pid = await postmaster(server.folder);
    process.kill(pid, 'SIGKILL');
    await expect
      .poll(
        () =>
          ask(server.url, 'SELECT one FROM kept').then(
            ({ rows }) => rows,
            () => [],
          ),
        { timeout: 15_000 },
      )
      .toEqual([{ one: 1 }]);
    expect(await postmaster(server.folder)).not.toBe(pid);
    expect(warn).toHaveBeenCalledWith(expect.stringContaining('started again'));
    await server.stop();
    await expect(ask(server.url, 'SELECT 1')).rejects.toThrow();
    warn.mockRestore();
    await rm(server.folder, { recursive: true, force: true });
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

  it('is looked at before anything is begun for it', async () => {
    const other = createServer();
    const port = await new Promise<number>((resolve) =>
      other.listen(0, '127.0.0.1', () => resolve((other.address() as { port: number }).port)),
    );
    await expect(portIsFree('127.0.0.1', port)).rejects.toThrow(`PORT=${port + 1}`);
    await new Promise((resolve) => other.close(resolve));
    await portIsFree('127.0.0.1', port);
  });
});
