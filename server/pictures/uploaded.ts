import pLimit from 'p-limit';
import sharp, { type Metadata, type SharpOptions } from 'sharp';
import { LONGEST_PICTURE_SIDE, MOST_PICTURE_PIXELS, SAID_PICTURE_KINDS } from '../../core/picture/limits.ts';
import { Fault } from '../faults.ts';
import { ingestPicture, type StoredFile } from './ingest.ts';

/** As sharp names what it finds a file's content to be. */
const KINDS: readonly string[] = ['jpeg', 'png', 'webp', 'heif', 'gif', 'svg'];

/** A drawing without a size of its own worth speaking of is drawn this large, px of its longer side. */
const DRAWN_PX = 1600;
const DEFAULT_DENSITY = 72;
const MOST_DENSITY = 10_000;

const refused = (message: string, cause?: unknown) => new Fault('picture-faulty', { message, cause });

const NO_PICTURE = `This is no picture that can be read. Choose a ${SAID_PICTURE_KINDS} file.`;

async function looked(bytes: Buffer): Promise<Metadata & { width: number; height: number }> {
  const found = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch((error: unknown) => {
      throw refused(NO_PICTURE, error);
    });
  const { format, compression, width, height } = found;
  // Of the files built like AVIF only AVIF itself can be read.
  if (!KINDS.includes(format) || (format === 'heif' && compression !== 'av1')) throw refused(NO_PICTURE);
  if (width > LONGEST_PICTURE_SIDE || height > LONGEST_PICTURE_SIDE || width * height > MOST_PICTURE_PIXELS)
    throw refused(
      `This picture is ${width} × ${height} pixels. Make it smaller: at most ${LONGEST_PICTURE_SIDE} a side, and ${MOST_PICTURE_PIXELS / 1_000_000} million in all.`,
    );
  return found;
}

/** One at a time, so that pages are answered meanwhile. */
const turn = pLimit(1);

/**
 * A file that somebody sent as the stored file of a picture, checked by what it holds, whatever it is called.
 * A drawing is turned into pixels: nothing that it would run or fetch is in them. Throws a Fault.
 */
export const uploaded = (bytes: Buffer): Promise<StoredFile> =>
  turn(async () => {
    const { format, width, height } = await looked(bytes);
    const options: SharpOptions = {
      limitInputPixels: MOST_PICTURE_PIXELS,
      failOn: 'error',
      ...(format === 'svg' && {
        density: Math.min(
          MOST_DENSITY,
          Math.max(DEFAULT_DENSITY, (DEFAULT_DENSITY * DRAWN_PX) / Math.max(width, height)),
        ),
      }),
    };
    return ingestPicture(bytes, options).catch((error: unknown) => {
      throw refused('This picture is cut or damaged. Open it, save it again and choose that file.', error);
    });
  });
