import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import type { IncomingHttpHeaders } from 'node:http';
import { LRUCache } from 'lru-cache';
import Negotiator from 'negotiator';

/** How a body is packed; the first that is taken is the best. */
export const ENCODINGS = ['br', 'gzip', 'identity'] as const;
export type Encoding = (typeof ENCODINGS)[number];

/** Off the event loop. */
type Packers = Readonly<Record<Encoding, (body: Buffer) => Promise<Buffer>>>;

const packersAt = (quality: number, level: number): Packers => ({
  br: (body) => promisify(brotliCompress)(body, { params: { [constants.BROTLI_PARAM_QUALITY]: quality } }),
  gzip: (body) => promisify(gzip)(body, { level }),
  identity: (body) => Promise.resolve(body),
});

/** Quick enough for what is made anew with every change. */
export const packers = packersAt(5, 6);

/** As small as each way gets it, of what is packed once and sent often. */
export const bestPackers = packersAt(constants.BROTLI_MAX_QUALITY, constants.Z_BEST_COMPRESSION);

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
