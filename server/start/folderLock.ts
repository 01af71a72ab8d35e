import { readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { lock } from 'proper-lockfile';

/** A lock that was not renewed for so long belongs to a run that is gone, ms. */
const STALE_MS = 10_000;

/** Whether a process is there, ours or not. */
export function isAlive(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}

/**
 * Takes a folder for this process alone, until what is returned is called. Throws an Error with a sentence that says
 * what to do where another process has it; what a killed one left behind is taken over.
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  const lockfilePath = join(folder, 'lock');
  const holderFile = join(folder, 'lock-holder');
  const take = () =>
    lock(folder, {
      lockfilePath,
      stale: STALE_MS,
      // Held up for longer than it takes to be given up: nobody else may begin, so there is nothing to be done.
      onCompromised: (error) => console.warn(`The lock of ${folder} could not be renewed: ${error.message}`),
    });
  let release: () => Promise<void>;
  try {
    release = await take();
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ELOCKED') throw error;
    const holder = Number(await readFile(holderFile, 'utf8').catch(() => ''));
    if (!holder || isAlive(holder))
      throw new Error(
        `The data in ${folder} is in use${holder ? ` by process ${holder}` : ''}. End that one first, or give this one a folder of its own with WIDE_SHELF_DATA=.data-2.`,
        { cause: error },
      );
    await rm(lockfilePath, { recursive: true, force: true });
    release = await take();
  }
  await writeFile(holderFile, String(process.pid));
  return async () => {
    await rm(holderFile, { force: true });
    await release().catch(() => undefined);
  };
}
