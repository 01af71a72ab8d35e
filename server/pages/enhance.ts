import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Encoding } from './encoding.ts';

/** The script of public pages, as it was built, in pieces addressed by their content, so that they may be kept for ever. */
export interface Enhance {
  /** Address of the piece that pages name; it fetches the others. */
  href: string;
  /** All of them by their addresses. */
  files: ReadonlyMap<string, Readonly<Record<Encoding, Buffer>>>;
}

const built = fileURLToPath(new URL('../../dist/enhance', import.meta.url));

/** Null where it was not built; every page works without it. */
export function readEnhance(): Enhance | null {
  const names = existsSync(built) ? readdirSync(built).filter((name) => name.endsWith('.js')) : [];
  const first = names.find((name) => name.startsWith('enhance-'));
  if (!first) return null;
  const addressOf = (name: string) => `/assets/${name}`;
  const packed = names.map((name) => {
    const plain = readFileSync(join(built, name));
    const ways = { identity: plain, gzip: gzipSync(plain, { level: 9 }), br: brotliCompressSync(plain) };
    return [addressOf(name), ways] as const;
  });
  return { href: addressOf(first), files: new Map(packed) };
}
