import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import type { Queryable } from '../db/pool.ts';
import { readPictureBytes } from './pictureRows.ts';

export interface Renditions {
  /** A picture at a width, as WebP; null when there is no such picture. Made once, then kept on disk. */
  read(id: string, width: number): Promise<Buffer | null>;
}

const MARK_BYTES = 32;
const markOf = (bytes: Buffer) => createHash('sha256').update(bytes).digest();

/** What a kept file holds behind its mark; null where it was cut or altered on the disk. */
function whole(kept: Buffer): Buffer | null {
  const [mark, bytes] = [kept.subarray(0, MARK_BYTES), kept.subarray(MARK_BYTES)];
  return bytes.length > 0 && mark.equals(markOf(bytes)) ? bytes : null;
}

export function renditions(db: Queryable, folder: string): Renditions {
  const making = new Map<string, Promise<Buffer | null>>();
  const make = async (id: string, width: number, file: string): Promise<Buffer | null> => {
    const bytes = await readPictureBytes(db, id);
    if (!bytes) return null;
    const rendition = await sharp(bytes)
      .resize({ width, withoutEnlargement: true })
      .webp({ quality: 80, effort: 3 })
      .toBuffer();
    // A disk that takes nothing more makes it slow, not impossible.
    await keep(file, rendition).catch(() => undefined);
    return rendition;
  };
  const keep = async (file: string, rendition: Buffer): Promise<void> => {
    await mkdir(dirname(file), { recursive: true });
    // Under another name first, so that nobody reads half of it.
    const part = `${file}.${process.pid}.part`;
    await writeFile(part, Buffer.concat([markOf(rendition), rendition]));
    await rename(part, file);
  };
  return {
    async read(id, width) {
      const file = join(folder, id.slice(0, 2), `${id}-${width}.kept`);
      const kept = await readFile(file).catch(() => null);
      const rendition = kept && whole(kept);
      if (rendition) return rendition;
      const running = making.get(file) ?? make(id, width, file).finally(() => making.delete(file));
      making.set(file, running);
      return running;
    },
  };
}
