import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import type { IncomingHttpHeaders } from 'node:http';
import { LRUCache } from 'lru-cache';
import Negotiator from 'negotiator';

/** How a body is packed; the first that is taken is the best. */
export const ENCODINGS = ['br', 'gzip', 'identity'] as const;
export type Encoding = (typeof ENCODINGS)[number];

/** Off the event loop. */
export const packers: Record<Encoding, (body: Buffer) => Promise<Buffer>> = {
  br: (body) => promisify(brotliCompress)(body, { params: { [constants.BROTLI_PARAM_QUALITY]: 5 } }),
  gzip: (body) => promisify(gzip)(body, { level: 6 }),
  identity: (body) => Promise.resolve(body),
};

/** Browsers send but a handful of these. */
const chosen = new LRUCache<string, Encoding>({ max: 200 });

function choose(headers: IncomingHttpHeaders): Encoding {
  const taken = new Negotiator({ headers }).encodings([...ENCODINGS]);
  // Whoever takes none of these gets what needs no unpacking.
  return ENCODINGS.find((one) => taken.includes(one)) ?? 'identity';
}

/** The best packing that the asking side takes. */
export function encodingFor(headers: IncomingHttpHeaders): Encoding {
  const accepted = String(headers['accept-encoding'] ?? '');
  let encoding = chosen.get(accepted);
  if (encoding === undefined) {
    encoding = choose(headers);
    if (accepted.length < 200) chosen.set(accepted, encoding);
  }
  return encoding;
}
