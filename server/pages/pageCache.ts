import { createHash } from 'node:crypto';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** A page ready to be sent. */
export interface SentPage {
  status: number;
  etag: string;
  policy: string;
  plain: Buffer;
  gzip: Buffer;
  brotli: Buffer;
  /** UTC ms; Infinity for as long as nothing changes. */
  goodUntil: number;
}

export function sentPage(html: string, policy: string, status: number, goodUntil: number | null): SentPage {
  const plain = Buffer.from(html);
  return {
    status,
    etag: `"${createHash('sha256').update(plain).digest('base64url').slice(0, 22)}"`,
    policy,
    plain,
    gzip: gzipSync(plain, { level: 6 }),
    brotli: brotliCompressSync(plain, { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } }),
    goodUntil: goodUntil ?? Infinity,
  };
}

/**
 * Rendered pages of this process, by address. An entry ends at its own instant, and all end when what they are
 * made from has changed; a page that was being made meanwhile is not kept.
 */
export class PageCache {
  #pages = new Map<string, SentPage>();
  #making = new Map<string, Promise<SentPage>>();
  #generation = 0;
  readonly #most: number;

  constructor(most = 2_000) {
    this.#most = most;
  }

  clear(): void {
    this.#generation += 1;
    this.#pages.clear();
    this.#making.clear();
  }

  /** The page at hand, if it is still good. */
  peek(address: string, now: number): SentPage | undefined {
    const page = this.#pages.get(address);
    if (page && page.goodUntil > now) return page;
    if (page) this.#pages.delete(address);
    return undefined;
  }

  /** Makes a page once, however many ask for it at the same time. */
  async make(address: string, make: () => Promise<SentPage>): Promise<SentPage> {
    const running = this.#making.get(address);
    if (running) return running;
    const generation = this.#generation;
    const promise = make()
      .then((page) => {
        if (generation === this.#generation && page.status === 200) {
          if (this.#pages.size >= this.#most) this.#pages.delete(this.#pages.keys().next().value!);
          this.#pages.set(address, page);
        }
        return page;
      })
      .finally(() => {
        if (this.#making.get(address) === promise) this.#making.delete(address);
      });
    this.#making.set(address, promise);
    return promise;
  }
}
