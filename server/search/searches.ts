import { LRUCache } from 'lru-cache';
import type { Found } from '../../core/search/found.ts';
import { ALL, RULE, ruleRead } from '../../core/view/reads.ts';
import type { Queryable } from '../db/pool.ts';
import { search } from './search.ts';

/** Searches whose answers are kept, for who pages through them, narrows or sorts them. */
const MOST_KEPT = 24;
const KEPT_MS = 60_000;

/** Searches of the store, as the catalogue is now. */
export interface Searches {
  find(words: string): Promise<Found>;
  /** The catalogue has changed, by the names of core/view/reads.ts. */
  changed(names: readonly string[]): void;
}

const READ: ReadonlySet<string> = new Set([ALL, RULE, ruleRead('words')]);

export function searches(db: Queryable): Searches {
  const kept = new LRUCache<string, Promise<Found>>({ max: MOST_KEPT, ttl: KEPT_MS });
  return {
    find(words) {
      const known = kept.get(words);
      if (known) return known;
      const asked = search(db, words);
      kept.set(words, asked);
      asked.catch(() => kept.get(words) === asked && kept.delete(words));
      return asked;
    },
    changed(names) {
      if (names.some((name) => READ.has(name))) kept.clear();
    },
  };
}
