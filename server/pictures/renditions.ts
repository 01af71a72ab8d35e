import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import sharp from 'sharp';
import { RENDITION_WIDTHS } from '../../core/picture/renditions.ts';
import type { Queryable } from '../db/pool.ts';
import { readFileBytes } from './pictureRows.ts';

export interface Renditions {
  /** A stored file at a width, as WebP; null when there is no such file. Made once, then kept on disk. */
  read(id: string, width: number): Promise<Buffer | null>;
  /** Takes what was made of a file from the disk. */
  forget(id: string): Promise<void>;
}

const MARK_BYTES = 32;
const markOf = (bytes: Buffer) => createHash('sha256').update(bytes).digest();

/** What a kept file holds behind its mark; null where it was cut or altered on the disk. */
function whole(kept: Buffer): Buffer | null {
  const [mark, bytes] = [kept.subarray(0, MARK_BYTES), kept.subarray(MARK_BYTES)];
  return bytes.length > 0 && mark.equals(markOf(bytes)) ? bytes : null;
}

export function renditions(db: Queryable, folder: string): Renditions {
  const fileOf = (id: string, width: number) => join(folder, id.slice(0, 2), `${id}-${width}.kept`);
  const making = new Map<string, Promise<Buffer | null>>();
  const make = async (id: string, width: number, file: string): Promise<Buffer | null> => {
    const bytes = await readFileBytes(db, id);
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
    async forget(id) {
      await Promise.all(RENDITION_WIDTHS.map((width) => rm(fileOf(id, width), { force: true })));
    },
    async read(id, width) {
      const file = fileOf(id, width);
      const kept = await readFile(file).catch(() => null);
      const rendition = kept && whole(kept);
      if (rendition) return rendition;
      const running = making.get(file) ?? make(id, width, file).finally(() => making.delete(file));
      making.set(file, running);
      return running;
    },
  };
}
