import { createHash } from 'node:crypto';
import { packers, type Encoding } from './encoding.ts';

/** A page in one packing, with every header that goes with it. */
export interface Packed {
  etag: string;
  headers: Readonly<Record<string, string | number>>;
  body: Buffer;
}

/** A page ready to be sent. */
export interface SentPage {
  status: number;
  /** Headers of the answer that nothing has changed, but for its validator. */
  headers: Readonly<Record<string, string>>;
  /** Tells two bodies apart. */
  mark: string;
  plain: Buffer;
  packed: Partial<Record<Encoding, Packed>>;
  packing: Partial<Record<Encoding, Promise<Packed>>>;
  /** UTC ms; Infinity for as long as nothing changes. */
  goodUntil: number;
  /** What it was made from (core/view/reads.ts). */
  reads: ReadonlySet<string>;
  /** Tells what it was drawn from; equal marks are drawn alike. */
  drawnFrom: string;
}

export interface PageToSend {
  html: string;
  /** Its Content-Security-Policy. */
  policy: string;
  status?: number;
  goodUntil?: number | null;
  reads?: Iterable<string>;
  drawnFrom?: string;
  headers?: Readonly<Record<string, string>>;
}

const mark = (body: Buffer) => createHash('sha256').update(body).digest('base64url').slice(0, 22);

/** @param common headers that every page of the server has */
export function sentPage(
  { html, policy, status = 200, goodUntil = null, reads = [], drawnFrom = '', headers = {} }: PageToSend,
  common: Readonly<Record<string, string>>,
): SentPage {
  const plain = Buffer.from(html);
  return {
    status,
    headers: {
      ...common,
      'cache-control': 'public, max-age=0, must-revalidate',
      'content-security-policy': policy,
      vary: 'accept-encoding',
      ...headers,
    },
    mark: mark(plain),
    plain,
    packed: {},
    packing: {},
    goodUntil: goodUntil ?? Infinity,
    reads: new Set(reads),
    drawnFrom,
  };
}

/** Sends whoever asks on to another path, for good. */
export const sentOn = (path: string, common: Readonly<Record<string, string>>): SentPage =>
  sentPage(
    {
      html: '',
      policy: "default-src 'none'",
      status: 301,
      // The way may change again, and back.
      headers: { location: path, 'cache-control': 'public, max-age=0, must-revalidate' },
    },
    common,
  );

/** Packs a page when it is first asked for so, and once. Each packing has a validator of its own. */
export function packPage(page: SentPage, encoding: Encoding): Promise<Packed> {
  const running = page.packing[encoding];
  if (running) return running;
  const packing = packers[encoding](page.plain).then((body): Packed => {
    const etag = `"${page.mark}${encoding === 'identity' ? '' : `-${encoding}`}"`;
    const packed = {
      etag,
      headers: {
        ...page.headers,
        etag,
        'content-type': 'text/html; charset=utf-8',
        'content-length': body.length,
        ...(encoding !== 'identity' && { 'content-encoding': encoding }),
      },
      body,
    };
    page.packed[encoding] = packed;
    return packed;
  });
  page.packing[encoding] = packing;
  return packing;
}
