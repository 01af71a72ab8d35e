import type { Queryable } from '../db/pool.ts';
import { readLive, type Release } from './releaseRows.ts';

/** What shoppers see, read once and again after each publishing. */
export interface LiveRelease {
  get(): Promise<Release | null>;
  forget(): void;
}

export function liveRelease(db: Queryable): LiveRelease {
  let known: Promise<Release | null> | null = null;
  return {
    get() {
      known ??= readLive(db);
      const asked = known;
      asked.then(
        (release) => release ?? (known === asked && (known = null)),
        () => known === asked && (known = null),
      );
      return asked;
    },
    forget: () => (known = null),
  };
}
