import { LRUCache } from 'lru-cache';
import { ALL, isOfLists } from '../../core/view/reads.ts';
import type { PageView } from '../../core/view/view.ts';
import type { SentPage } from './sentPage.ts';

/** A page that is kept. Times are of `performance.now()`, ms. */
interface Kept {
  page: SentPage;
  /** When its making began. */
  begun: number;
  /** When something that it was made from changed since; null where nothing has. */
  staleSince: number | null;
  /** Only what its lists go by has changed, of other products than it shows. */
  onlyLists: boolean;
}

/**
 * What is shown is right at once. A list that may hold another product by now is looked at again in the background for
 * so long at most, and not all the time while many products are written: nobody is kept waiting, and none of them can
 * tell.
 */
const LISTS_LATE_MS = 400;
const REST_MS = 300;

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
    const besideLists = this.#touches(names.filter((name) => !isOfLists(name)));
    this.#pages.forEach((kept) => {
      if (!readsAny(kept.page)) return;
      kept.staleSince ??= performance.now();
      kept.onlyLists &&= !besideLists(kept.page);
    });
  }

  #touches(names: readonly string[]): (page: SentPage) => boolean {
    return names.includes(ALL) ? () => true : ({ reads }) => names.some((name) => reads.has(name));
  }

  /** What has become of a page while it was made, since the turn `from`. */
  #sinceThen(page: SentPage, from: number, begun: number): Pick<Kept, 'staleSince' | 'onlyLists'> {
    const since = this.#announced.filter(({ at }) => at > from);
    const names = since.length < this.#turn - from ? [ALL] : since.flatMap((one) => one.names);
    return {
      staleSince: this.#touches(names)(page) ? begun : null,
      onlyLists: !this.#touches(names.filter((name) => !isOfLists(name)))(page),
    };
  }

  /** The page at hand, if it is still good. */
  peek(key: string, now: number): SentPage | undefined {
    const kept = this.#pages.get(key);
    if (!kept || kept.page.goodUntil <= now) return undefined;
    const { staleSince, onlyLists } = kept;
    const isGood = staleSince === null || (onlyLists && performance.now() - staleSince < LISTS_LATE_MS);
    return isGood ? kept.page : undefined;
  }

  /** Whether the lists of a page at hand are to be looked at again, in the background. */
  isDue(key: string): boolean {
    const kept = this.#pages.get(key);
    if (!kept || kept.staleSince === null || this.#making.has(key)) return false;
    return performance.now() - kept.begun > REST_MS;
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

  /**
   * Makes a page once, however many ask for it at the same time; anew for who asks after something has changed.
   * @param keeps whether it is kept for who asks later
   */
  make(key: string, make: () => Promise<Made>, keeps = true): Promise<Made> {
    const running = this.#making.get(key);
    const turn = this.#turn;
    if (running?.turn === turn) return running.made;
    const begun = performance.now();
    const made = make()
      .then((page) => {
        // One that was begun before another is done with is older, and takes nothing's place.
        if (keeps && page && 'plain' in page && begun >= (this.#pages.get(key)?.begun ?? 0))
          this.#pages.set(key, { page, begun, ...this.#sinceThen(page, turn, begun) });
        return page;
      })
      .finally(() => {
        if (this.#making.get(key)?.made === made) this.#making.delete(key);
      });
    this.#making.set(key, { turn, made });
    return made;
  }
}
