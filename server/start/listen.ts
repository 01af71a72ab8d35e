import { createServer } from 'node:net';
import type { Server } from '../app.ts';

/** Says that a port is taken before anything is begun for it. */
export async function portIsFree(host: string, port: number): Promise<void> {
  const probe = createServer();
  await new Promise<void>((resolve, reject) => probe.once('error', reject).listen(port, host, resolve)).catch(
    (error: unknown) => Promise.reject(saidOf(error, host, port)),
  );
  await new Promise((resolve) => probe.close(resolve));
}

/** Listens, or says clearly why it cannot. */
export async function listen({ app }: Server, host: string, port: number): Promise<string> {
  try {
    return await app.listen({ host, port });
  } catch (error) {
    throw saidOf(error, host, port);
  }
}

/** Why there is no listening, and what to do. */
function saidOf(error: unknown, host: string, port: number): unknown {
  switch ((error as NodeJS.ErrnoException).code) {
    case 'EADDRINUSE':
      return new Error(
        `Port ${port} is taken by another program. End that one, or choose another with PORT=${port + 1}.`,
      );
    case 'EACCES':
      return new Error(`Port ${port} may not be used by this user. Choose one above 1023 with PORT=4310.`);
    case 'EADDRNOTAVAIL':
    case 'ENOTFOUND':
      return new Error(`There is no address "${host}" on this machine. Set HOST=127.0.0.1.`);
    default:
      return error;
  }
}

export function readPort(text: string | undefined): number {
  if (text === undefined || text === '') return 4310;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`PORT is "${text}", which is no port. Give a number up to 65535.`);
  return port;
}

/** Ends everything once, on the first of these signals. */
export function stopOnSignal(stop: () => Promise<void>): void {
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const)
    process.on(signal, () => {
      if (stopping) return;
      stopping = true;
      stop().then(
        () => process.exit(0),
        (error: unknown) => {
          console.error(error);
          process.exit(1);
        },
      );
    });
}
