import { LRUCache } from 'lru-cache';
import { ALL } from '../../core/view/reads.ts';
import type { PageView } from '../../core/view/view.ts';
import type { SentPage } from './sentPage.ts';

/** A page that is kept, and whether something that it was made from has changed since. */
interface Kept {
  page: SentPage;
  stale: boolean;
}

/** A page was asked for with parameters that come to these. */
export interface Elsewhere {
  parameters: PageView['parameters'];
}
/** What a page comes to when it is made; null where there is none. */
export type Made = SentPage | Elsewhere | null;

/** Bytes of all pages that a process keeps, with their packings. */
const MOST_BYTES = 32 * 1024 * 1024;
/** What a page takes besides its HTML: its packings, and what is said of it. */
const OVER_HTML = 1.5;
const BESIDE_BYTES = 4_000;
/** Addresses as they were written that are remembered, and the longest of them. */
const MOST_WRITTEN = 5_000;
const LONGEST_WRITTEN = 300;
/** Announcements that a page which is being made is held against. */
const MOST_ANNOUNCED = 500;

const weight = (page: SentPage) => Math.ceil(page.plain.length * OVER_HTML) + BESIDE_BYTES;

/**
 * Pages of this process, by the release and what of their address is read. One is made anew when its instant has come
 * or something that it was made from has changed, and only then; one that was being made meanwhile is not kept.
 */
export class PageCache {
  readonly #pages: LRUCache<string, Kept>;
  readonly #written = new LRUCache<string, string>({ max: MOST_WRITTEN });
  readonly #making = new Map<string, { turn: number; made: Promise<Made> }>();
  #announced: { at: number; names: readonly string[] }[] = [];
  #turn = 0;

  constructor(mostBytes = MOST_BYTES) {
    this.#pages = new LRUCache({
      maxSize: mostBytes,
      maxEntrySize: mostBytes,
      sizeCalculation: ({ page }) => weight(page),
    });
  }

  /** Something has changed: what was made from it is made anew when it is next asked for. */
  changed(names: readonly string[]): void {
    this.#turn += 1;
    this.#announced.push({ at: this.#turn, names });
    if (this.#announced.length > MOST_ANNOUNCED) this.#announced.shift();
    const readsAny = this.#touches(names);
    this.#pages.forEach((kept) => {
      if (readsAny(kept.page)) kept.stale = true;
    });
  }

  #touches(names: readonly string[]): (page: SentPage) => boolean {
    return names.includes(ALL) ? () => true : ({ reads }) => names.some((name) => reads.has(name));
  }

  /** Whether something that a page was made from has changed since the turn `from`. */
  #isOvertaken(page: SentPage, from: number): boolean {
    if (from === this.#turn) return false;
    const since = this.#announced.filter(({ at }) => at > from);
    return since.length < this.#turn - from || since.some(({ names }) => this.#touches(names)(page));
  }

  /** The page at hand, if it is still good. */
  peek(key: string, now: number): SentPage | undefined {
    const kept = this.#pages.get(key);
    return kept && !kept.stale && kept.page.goodUntil > now ? kept.page : undefined;
  }

  /** The page that was last made, for when there is no way to make it anew. */
  last(key: string): SentPage | undefined {
    return this.#pages.get(key)?.page;
  }

  /** The key of an address as it was written, where it was asked for before. */
  keyOf(written: string): string | undefined {
    return this.#written.get(written);
  }

  /** Lets a page be found by an address as it was written, too. */
  remember(written: string, key: string): void {
    if (written.length <= LONGEST_WRITTEN) this.#written.set(written, key);
  }

  /** Makes a page once, however many ask for it at the same time; anew for who asks after something has changed. */
  make(key: string, make: () => Promise<Made>): Promise<Made> {
    const running = this.#making.get(key);
    const turn = this.#turn;
    if (running?.turn === turn) return running.made;
    const made = make()
      .then((page) => {
        if (page && 'plain' in page) this.#pages.set(key, { page, stale: this.#isOvertaken(page, turn) });
        return page;
      })
      .finally(() => {
        if (this.#making.get(key)?.made === made) this.#making.delete(key);
      });
    this.#making.set(key, { turn, made });
    return made;
  }
}
