import { connect, createServer, type Socket } from 'node:net';

/** A wire between a server and its database that can break, for tests. */
export interface Wire {
  /** The database's address by way of the wire. */
  url: string;
  /** Nothing goes through any more, and nobody is told: connections stay open and silent. */
  silence(): void;
  /** Connections end, and new ones are refused. */
  break(): void;
  mend(): void;
  stop(): Promise<void>;
}

export async function wire(databaseUrl: string): Promise<Wire> {
  const url = new URL(databaseUrl);
  const target = { host: url.hostname, port: Number(url.port) };
  const sockets = new Set<Socket>();
  let state: 'whole' | 'silent' | 'broken' = 'whole';
  const server = createServer((near) => {
    if (state === 'broken') return near.destroy();
    const far = connect(target);
    for (const [from, to] of [
      [near, far],
      [far, near],
    ] as const) {
      sockets.add(from);
      from.on('data', (chunk) => state === 'whole' && to.write(chunk));
      from.on('error', () => to.destroy());
      from.on('close', () => {
        sockets.delete(from);
        to.destroy();
      });
    }
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  url.port = String((server.address() as { port: number }).port);
  const drop = () => {
    for (const socket of sockets) socket.destroy();
  };
  return {
    url: url.href,
    silence: () => (state = 'silent'),
    break() {
      state = 'broken';
      drop();
    },
    mend() {
      // What was silent stays so; only new connections are whole.
      if (state === 'silent') drop();
      state = 'whole';
    },
    async stop() {
      drop();
      await new Promise((resolve) => server.close(resolve));
    },
  };
}
