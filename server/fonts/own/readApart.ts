import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import pLimit from 'p-limit';
import { Fault } from '../../faults.ts';
import type { ReadUpload } from './readUpload.ts';

const PROCESS = fileURLToPath(new URL('./readUploadProcess.ts', import.meta.url));

/** After so long a file is not looked at any more, ms. */
const LONGEST_MS = 25_000;
const MOST_MB = 512;

/** One at a time; others wait. */
const turn = pLimit(1);

const refused = (message?: string | null) => new Fault('font-faulty', message ? { message } : {});

/**
 * Reads a font file in a process of its own: pages are answered meanwhile, and a file that is made to break what reads
 * it breaks nothing else. Throws a Fault.
 */
export const readApart = (bytes: Buffer): Promise<ReadUpload> =>
  turn(
    () =>
      new Promise<ReadUpload>((resolve, reject) => {
        const apart = fork(PROCESS, [], {
          execArgv: ['--import', 'tsx', `--max-old-space-size=${MOST_MB}`],
          serialization: 'advanced',
          stdio: 'ignore',
        });
        const timer = setTimeout(() => apart.kill('SIGKILL'), LONGEST_MS);
        apart.once('message', ({ read, why }: { read?: ReadUpload; why?: string | null }) => {
          if (read) resolve(read);
          else reject(refused(why));
          apart.kill('SIGKILL');
        });
        apart.once('error', () => reject(refused()));
        apart.once('exit', () => {
          clearTimeout(timer);
          reject(refused());
        });
        apart.send(new Uint8Array(bytes), (error) => error && reject(refused()));
      }),
  );
