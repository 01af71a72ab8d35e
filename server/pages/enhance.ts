import { createHash } from 'node:crypto';
import { existsSync, readFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { fileURLToPath } from 'node:url';
import type { Encoding } from './encoding.ts';

/** The script of public pages, as it was built; addressed by its content, so that it may be kept for ever. */
export interface Enhance {
  href: string;
  packed: Readonly<Record<Encoding, Buffer>>;
}

const built = fileURLToPath(new URL('../../dist/enhance/enhance.js', import.meta.url));

/** Null where it was not built; every page works without it. */
export function readEnhance(): Enhance | null {
  if (!existsSync(built)) return null;
  const plain = readFileSync(built);
  const mark = createHash('sha256').update(plain).digest('hex').slice(0, 12);
  return {
    href: `/assets/enhance-${mark}.js`,
    packed: { identity: plain, gzip: gzipSync(plain, { level: 9 }), br: brotliCompressSync(plain) },
  };
}
