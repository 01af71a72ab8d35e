import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bestPackers, type Encoding } from './encoding.ts';

/** The script of public pages, as it was built, in pieces addressed by their content, so that they may be kept for ever. */
export interface Enhance {
  /** Address of the piece that pages name; it fetches the others. */
  href: string;
  /** All of them by their addresses. */
  files: ReadonlyMap<string, (encoding: Encoding) => Promise<Buffer>>;
}

const built = fileURLToPath(new URL('../../dist/enhance', import.meta.url));

/** What was asked for so far, by name and packing: a name stands for its content, whichever server asks. */
const packed = new Map<string, Promise<Buffer>>();

/** A piece, packed when it is first asked for: all of them at once take seconds, which a start need not. */
function packedPiece(name: string, plain: Buffer, encoding: Encoding): Promise<Buffer> {
  const key = `${encoding} ${name}`;
  const known = packed.get(key) ?? bestPackers[encoding](plain);
  packed.set(key, known);
  return known;
}

/** Null where it was not built; every page works without it. */
export function readEnhance(folder = built): Enhance | null {
  const names = existsSync(folder) ? readdirSync(folder).filter((name) => name.endsWith('.js')) : [];
  const first = names.find((name) => name.startsWith('enhance-'));
  if (!first) return null;
  const addressOf = (name: string) => `/assets/${name}`;
  return {
    href: addressOf(first),
    files: new Map(
      names.map((name) => {
        const plain = readFileSync(join(folder, name));
        return [addressOf(name), (encoding: Encoding) => packedPiece(name, plain, encoding)];
      }),
    ),
  };
}
