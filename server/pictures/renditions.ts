import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import sharp from 'sharp';
import type { Queryable } from '../db/pool.ts';
import { readPictureBytes } from './pictureRows.ts';

export interface Renditions {
  /** A picture at a width, as WebP; null when there is no such picture. Made once, then kept on disk. */
  read(id: string, width: number): Promise<Buffer | null>;
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
    await mkdir(join(folder, id.slice(0, 2)), { recursive: true });
    // Under another name first, so that nobody reads half of it.
    const part = `${file}.${process.pid}.part`;
    await writeFile(part, rendition);
    await rename(part, file);
    return rendition;
  };
  return {
    async read(id, width) {
      const file = join(folder, id.slice(0, 2), `${id}-${width}.webp`);
      const kept = await readFile(file).catch(() => null);
      if (kept) return kept;
      const running = making.get(file) ?? make(id, width, file).finally(() => making.delete(file));
      making.set(file, running);
      return running;
    },
  };
}
