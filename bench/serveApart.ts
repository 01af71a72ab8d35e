import { makeServer } from '../server/app.ts';
import { listen } from '../server/start/listen.ts';

/** A server in a process of its own, which tells what it holds when it is asked; ended by its parent. */
const [databaseUrl, picturesFolder] = process.argv.slice(2) as [string, string];
const server = await makeServer({ databaseUrl, picturesFolder, signInTries: 1000 });
process.on('message', () => {
  globalThis.gc!();
  const { heapUsed, external } = process.memoryUsage();
  process.send!({ heldMb: (heapUsed + external) / 2 ** 20 });
});
process.on('disconnect', () => process.exit());
process.send!({ origin: await listen(server, '127.0.0.1', 0) });
