import { makeServer } from '../server/app.ts';
import { listen, readPort, stopOnSignal } from '../server/start/listen.ts';

/** A server for one journey: its database and port are given by the environment. */
const { DATABASE_URL, PORT, PICTURES } = process.env;
const server = await makeServer({
  databaseUrl: DATABASE_URL!,
  picturesFolder: PICTURES!,
  signInTries: 1000,
  logger: { level: 'warn' },
});
stopOnSignal(() => server.stop());
await listen(server, '127.0.0.1', readPort(PORT));
