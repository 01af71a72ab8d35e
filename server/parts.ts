import type { Pool } from './db/pool.ts';
import type { PageCache } from './pages/pageCache.ts';
import type { Storefront } from './pages/storefront.ts';
import type { Renditions } from './pictures/renditions.ts';
import type { LiveRelease } from './publish/live.ts';
import type { WorkThread } from './work/workThread.ts';

/** All that the routes are made from; put together in one place (app.ts). */
export interface Parts {
  /** For reading and writing. */
  db: Pool;
  /** For reading only; may be another server's copy. */
  readDb: Pool;
  clock(): number;
  storefront: Storefront;
  pages: PageCache;
  live: LiveRelease;
  renditions: Renditions;
  work: WorkThread;
  /** Where shoppers find the store: what absolute addresses begin with. */
  origin: string;
  /** Headers of every answer. */
  headers: Readonly<Record<string, string>>;
  /** Sign-ins that one address may try in a minute. */
  signInTries: number;
}
