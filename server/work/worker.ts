import { parentPort, workerData } from 'node:worker_threads';
import { makePool } from '../db/pool.ts';
import { Jobs } from './jobs.ts';
import type { ThreadData, ToThread } from './workThread.ts';

/** One that holds the lock, one that writes, one that reads the file, one that says how far it is. */
const CONNECTIONS = 4;

const { databaseUrl, aheadMs } = workerData as ThreadData;
const pool = makePool(databaseUrl, { max: CONNECTIONS });
const jobs = new Jobs(pool, () => Date.now() + aheadMs);
const port = parentPort!;

const does = {
  go: () => jobs.go(),
  stop: () =>
    void jobs
      .stop()
      .then(() => pool.end())
      .then(() => port.close()),
};

port.on('message', (asked: ToThread) => {
  if (typeof asked === 'number') void jobs.idle().then(() => port.postMessage(asked));
  else does[asked]();
});
