import type { ReadBefore } from '../../core/plan/reading.ts';
import type { Queryable } from '../db/pool.ts';
import { readLive, type Release } from './releaseRows.ts';

/** What shoppers see, read once and again after each publishing. */
export interface LiveRelease {
  get(): Promise<Release | null>;
  /** Number of the release that is live, as far as it is known at once. */
  number(): number | null;
  /** The release that was last read, though another may be live by now. */
  latest(): Release | null;
  forget(): void;
}

export function liveRelease(db: Queryable): LiveRelease {
  let asked: Promise<Release | null> | null = null;
  let known: Release | null = null;
  let latest: Release | null = null;
  const before: ReadBefore = new Map();
  return {
    get() {
      if (asked) return asked;
      const asking = readLive(db, before);
      asked = asking;
      asking.then(
        (release) => {
          if (release && release.number >= (latest?.number ?? 0)) latest = release;
          if (asked !== asking) return;
          known = release;
          // Nothing is live yet: somebody may publish at any time.
          if (!release) asked = null;
        },
        () => {
          if (asked === asking) asked = null;
        },
      );
      return asking;
    },
    number: () => known?.number ?? null,
    latest: () => latest,
    forget() {
      asked = null;
      known = null;
    },
  };
}
