import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ensureSetupCode } from '../accounts/setupCode.ts';
import { makeServer, type Server } from '../app.ts';
import { OWNER, testDatabase, type TestDatabase } from './database.ts';
import { sendingStore, type SendingStore } from './sendingStore.ts';
import { signedIn, type SignedInClient } from './signedIn.ts';

/** A server on a database, with a folder for its pictures; all three go together. */
export interface ServerOn {
  server: Server;
  database: TestDatabase;
  /** Where its pictures are. */
  folder: string;
  stop(): Promise<void>;
}

export async function serverOn(database: TestDatabase, clock?: () => number): Promise<ServerOn> {
  const folder = await mkdtemp(join(tmpdir(), 'pictures-'));
  const server = await makeServer({
    databaseUrl: database.url,
    picturesFolder: folder,
    signInTries: 100_000,
    ...(clock && { clock }),
  });
  return {
    server,
    database,
    folder,
    async stop() {
      await server.stop();
      await database.drop();
      await rm(folder, { recursive: true, force: true });
    },
  };
}

/** A server on an empty database, with the code that makes its owner. */
export async function newServer(clock?: () => number): Promise<ServerOn & { code: string }> {
  const database = await testDatabase();
  const code = (await ensureSetupCode(database.pool))!;
  return { ...(await serverOn(database, clock)), code };
}

/** A store that nothing is in yet but its owner. */
export interface EmptyStore extends ServerOn {
  owner: SignedInClient;
  sending: SendingStore;
}

export async function emptyStore(clock?: () => number): Promise<EmptyStore> {
  const { code, ...made } = await newServer(clock);
  const payload = { ...OWNER, name: 'Ada', code, store: 'Another' };
  await made.server.app.inject({ method: 'POST', url: '/api/owner', payload });
  const owner = await signedIn(made.server);
  return { ...made, owner, sending: sendingStore(made.server, owner) };
}
