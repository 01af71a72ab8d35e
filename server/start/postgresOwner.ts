import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, stat } from 'node:fs/promises';
import { dirname, join, resolve } from 'node:path';

export interface Owner {
  uid: number;
  gid: number;
}

/** Folder of PostgreSQL's own programs, newest version first. Throws when there is none. */
export async function postgresBinaries(): Promise<string> {
  const base = '/usr/lib/postgresql';
  const versions = await readdir(base).catch(() => [] as string[]);
  const found = versions
    .filter((version) => existsSync(join(base, version, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a))[0];
  if (!found)
    throw new Error(
      'PostgreSQL is not installed. Install it with "apt-get install postgresql", then start again.',
    );
  return join(base, found, 'bin');
}

/** PostgreSQL refuses to run as root; then it runs as Debian's `postgres` user. Null where it runs as ourselves. */
export async function postgresUser(): Promise<Owner | null> {
  if (process.getuid?.() !== 0) return null;
  const users = await readFile('/etc/passwd', 'utf8');
  const line = users
    .split('\n')
    .find((one) => one.startsWith('postgres:'))
    ?.split(':');
  if (!line)
    throw new Error('There is no user "postgres". Debian\'s package "postgresql" makes it: install that.');
  return { uid: Number(line[2]), gid: Number(line[3]) };
}

/** Whether another user may pass through every folder above. */
async function canReach(folder: string, owner: Owner): Promise<boolean> {
  for (let at = dirname(resolve(folder)); ; at = dirname(at)) {
    const { mode, uid, gid } = await stat(at);
    const bits = uid === owner.uid ? mode >> 6 : gid === owner.gid ? mode >> 3 : mode;
    if (!(bits & 1)) return false;
    if (at === dirname(at)) return true;
  }
}

/**
 * The folder itself where its owner can reach it; else one under /var/lib that belongs to it alone (as when
 * the project stands in a home folder that is closed to others).
 */
export async function reachableFolder(wanted: string, owner: Owner | null): Promise<string> {
  const folder = resolve(wanted);
  await mkdir(folder, { recursive: true });
  if (!owner || (await canReach(folder, owner))) return folder;
  const mark = createHash('sha256').update(folder).digest('hex').slice(0, 12);
  return join('/var/lib/wide-shelf', mark);
}
