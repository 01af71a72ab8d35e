import type { Server } from '../app.ts';

/** Listens, or says clearly why it cannot. */
export async function listen({ app }: Server, host: string, port: number): Promise<string> {
  try {
    return await app.listen({ host, port });
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === 'EADDRINUSE')
      throw new Error(
        `Port ${port} is taken by another program. End that one, or choose another with PORT=${port + 1}.`,
      );
    if (code === 'EACCES')
      throw new Error(`Port ${port} may not be used by this user. Choose one above 1023 with PORT=4310.`);
    if (code === 'EADDRNOTAVAIL' || code === 'ENOTFOUND')
      throw new Error(`There is no address "${host}" on this machine. Set HOST=127.0.0.1.`);
    throw error;
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
