import type { LightMyRequestResponse } from 'fastify';
import type { StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Server } from '../app.ts';
import { planFromRows, type DraftRow } from '../drafts/draftRows.ts';
import { fillSmallStore, testDatabase, type TestDatabase } from './database.ts';
import { serverOn } from './serverOn.ts';
import { signedIn, type SignedInClient } from './signedIn.ts';

/** What the small store takes for now. */
export const NOW = Date.UTC(2026, 10, 24, 12);

/** One document of a draft as it is sent. */
type Sent = Pick<DraftRow, 'key' | 'version'> & { body: unknown };

/** A server of a small store on a database of its own, for the length of a test file. */
export interface SmallStore {
  server: Server;
  database: TestDatabase;
  /** Where its pictures are. */
  folder: string;
  owner: SignedInClient;
  /** Asks as anybody does. */
  get(url: string, headers?: Record<string, string>): Promise<LightMyRequestResponse>;
  draft(): Promise<DraftRow[]>;
  document(key: string): Promise<{ key: DraftRow['key']; version: number; body: Record<string, unknown> }>;
  /** The draft as a plan. */
  plan(): Promise<StoredPlan>;
  save(...documents: Sent[]): Promise<LightMyRequestResponse>;
  publish(): Promise<LightMyRequestResponse>;
  stop(): Promise<void>;
}

export async function smallStore(products = 40): Promise<SmallStore> {
  const database = await testDatabase();
  await fillSmallStore(database.pool, NOW, products);
  const { server, folder, stop } = await serverOn(database, () => NOW);
  const owner = await signedIn(server);
  const draft = async () =>
    (await owner.ask('GET', '/api/draft')).json<{ documents: DraftRow[] }>().documents;
  return {
    server,
    database,
    folder,
    owner,
    draft,
    get: (url, headers = {}) => server.app.inject({ url, headers }),
    async document(key) {
      const { version, ...row } = (await draft()).find((one) => one.key === key)!;
      return { key: row.key, version, body: row.body as Record<string, unknown> };
    },
    plan: async () => planFromRows(await draft()),
    save: (...documents) => owner.ask('POST', '/api/draft', { documents }),
    publish: async () => {
      const draftVersion = (await draft()).reduce((sum, row) => sum + row.version, 0);
      return owner.ask('POST', '/api/releases', { draftVersion });
    },
    stop,
  };
}
