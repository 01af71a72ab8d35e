import { spawn, type ChildProcess } from 'node:child_process';

/** Something that runs in a process of its own, so that it can be killed. */
export interface OtherProcess {
  child: ChildProcess;
  /** The address that it said it is at. */
  url: string;
  ended: Promise<void>;
  kill(): Promise<void>;
}

/**
 * Runs a script in a process of its own; resolves once that prints "at" and an address.
 * @param script may import what TypeScript files export
 */
export async function otherProcess(script: string): Promise<OtherProcess> {
  const child = spawn(process.execPath, ['--import', 'tsx', '-e', script], {
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const ended = new Promise<void>((resolve) => child.once('exit', () => resolve()));
  const url = await new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => {
      said += chunk.toString();
      const found = /at (\S+)/.exec(said);
      if (found) resolve(found[1]!);
    });
    void ended.then(() => reject(new Error(`It ended before it said where it is: ${said}`)));
  });
  return {
    child,
    url,
    ended,
    async kill() {
      child.kill('SIGKILL');
      await ended;
    },
  };
}
