import { createHash } from 'node:crypto';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

/** A page in one packing, with every header that goes with it. */
export interface Packed {
  headers: Readonly<Record<string, string | number>>;
  body: Buffer;
}

/** A page ready to be sent. */
export interface SentPage {
  status: number;
  etag: string;
  /** Headers of the answer that nothing has changed. */
  unchanged: Readonly<Record<string, string | number>>;
  plain: Packed;
  gzip: Packed;
  brotli: Packed;
  /** UTC ms; Infinity for as long as nothing changes. */
  goodUntil: number;
}

export function sentPage(html: string, policy: string, status: number, goodUntil: number | null): SentPage {
  const plain = Buffer.from(html);
  const etag = `"${createHash('sha256').update(plain).digest('base64url').slice(0, 22)}"`;
  const unchanged = {
    etag,
    'cache-control': 'public, max-age=0, must-revalidate',
    'content-security-policy': policy,
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'strict-origin-when-cross-origin',
    vary: 'accept-encoding',
  };
  const packed = (body: Buffer, encoding?: string): Packed => ({
    headers: {
      ...unchanged,
      'content-type': 'text/html; charset=utf-8',
      'content-length': body.length,
      ...(encoding && { 'content-encoding': encoding }),
    },
    body,
  });
  return {
    status,
    etag,
    unchanged,
    plain: packed(plain),
    gzip: packed(gzipSync(plain, { level: 6 }), 'gzip'),
    brotli: packed(brotliCompressSync(plain, { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } }), 'br'),
    goodUntil: goodUntil ?? Infinity,
  };
}

/**
 * Rendered pages of this process, by address. An entry ends at its own instant, and all end when what they are
 * made from has changed; a page that was being made meanwhile is not kept.
 */
export class PageCache {
  #pages = new Map<string, SentPage>();
  #written = new Map<string, SentPage>();
  #making = new Map<string, Promise<SentPage>>();
  #generation = 0;
  readonly #most: number;

  constructor(most = 2_000) {
    this.#most = most;
  }

  clear(): void {
    this.#generation += 1;
    this.#pages.clear();
    this.#written.clear();
    this.#making.clear();
  }

  /** Lets a page be found by an address as it was written, too. */
  alias(written: string, address: string): void {
    const page = this.#pages.get(address);
    if (!page) return;
    if (this.#written.size >= this.#most) this.#written.clear();
    this.#written.set(written, page);
  }

  /** The page at hand for an address as it was written, if it is still good. */
  peekWritten(written: string, now: number): SentPage | undefined {
    const page = this.#written.get(written);
    return page && page.goodUntil > now ? page : undefined;
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
