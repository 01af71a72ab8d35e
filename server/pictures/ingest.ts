import { createHash } from 'node:crypto';
import sharp, { type SharpOptions } from 'sharp';
import { rgbaToThumbHash } from 'thumbhash';

/** A file as it is stored: content, and what the core wants to know of it (calculations §9). */
export interface StoredFile {
  id: string;
  width: number;
  height: number;
  /** WebP. */
  bytes: Buffer;
  /** #rrggbb. */
  dominant: string;
  seeThrough: boolean;
  /** ThumbHash, base64. */
  placeholder: string;
  /** 64 cells row by row: the mean colour of the darkest and of the lightest 5 percent of each, #rrggbb. */
  grid: { dark: string; light: string }[];
}

const SIDE = 160;
/** What see-through parts are reckoned on. */
const PAPER: Pixel = [255, 255, 255];
const CELLS = 8;

const hex = (r: number, g: number, b: number) =>
  `#${[r, g, b].map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;

type Pixel = readonly [number, number, number];

function mean(pixels: readonly Pixel[]): string {
  const sum = [0, 0, 0];
  for (const pixel of pixels) for (let i = 0; i < 3; i += 1) sum[i]! += pixel[i]!;
  return hex(sum[0]! / pixels.length, sum[1]! / pixels.length, sum[2]! / pixels.length);
}

const brightness = ([r, g, b]: Pixel) => 0.2126 * r + 0.7152 * g + 0.0722 * b;

function gridOf(pixels: readonly Pixel[]): StoredFile['grid'] {
  const cell = SIDE / CELLS;
  const few = Math.max(1, Math.round(cell * cell * 0.05));
  return Array.from({ length: CELLS * CELLS }, (_, i) => {
    const [left, top] = [(i % CELLS) * cell, Math.floor(i / CELLS) * cell];
    const own: Pixel[] = [];
    for (let y = 0; y < cell; y += 1)
      for (let x = 0; x < cell; x += 1) own.push(pixels[(top + y) * SIDE + left + x]!);
    own.sort((a, b) => brightness(a) - brightness(b));
    return { dark: mean(own.slice(0, few)), light: mean(own.slice(-few)) };
  });
}

/** The colour that most of the picture is near to: the fullest of 4096 boxes, by its mean. */
function dominantOf(pixels: readonly Pixel[]): string {
  const boxes = new Map<number, Pixel[]>();
  for (const pixel of pixels) {
    const box = ((pixel[0] >> 4) << 8) | ((pixel[1] >> 4) << 4) | (pixel[2] >> 4);
    const own = boxes.get(box);
    if (own) own.push(pixel);
    else boxes.set(box, [pixel]);
  }
  return mean([...boxes.values()].reduce((a, b) => (b.length > a.length ? b : a)));
}

/** A pixel as it looks on paper, alpha 0..255. */
function over(pixel: Pixel, alpha: number, paper: Pixel): Pixel {
  if (alpha === 255) return pixel;
  const share = alpha / 255;
  const on = (at: 0 | 1 | 2) => pixel[at] * share + paper[at] * (1 - share);
  return [on(0), on(1), on(2)];
}

function everyAlphaFull(rgba: Buffer): boolean {
  for (let i = 3; i < rgba.length; i += 4) if (rgba[i] !== 255) return false;
  return true;
}

/** Within 96 by 96 px, in the picture's proportions. */
function thumbSize(width: number, height: number): { width: number; height: number; fit: 'fill' } {
  const scale = 96 / Math.max(width, height);
  return {
    width: Math.max(1, Math.round(width * scale)),
    height: Math.max(1, Math.round(height * scale)),
    fit: 'fill',
  };
}

/** Larger than any page shows; what is larger is stored this large. */
const LONGEST_SIDE = 3200;

/**
 * Turns any raster picture or SVG that sharp reads into a stored file: upright, in sRGB, without metadata, as WebP of at
 * most 3200 px a side; of a moving picture the first frame. The id is the SHA-256 of the stored bytes, so the same
 * picture is stored once. Rejects with sharp's own error where it cannot be read to its end.
 * @param input file content
 * @param options how it is read: the density of an SVG, pixels at most
 */
export async function ingestPicture(input: Buffer, options: SharpOptions = {}): Promise<StoredFile> {
  // Read once: a drawing takes longest to draw, and a photograph to unpack.
  const { data, info } = await sharp(input, options)
    .autoOrient()
    .toColourspace('srgb')
    .resize({ width: LONGEST_SIDE, height: LONGEST_SIDE, fit: 'inside', withoutEnlargement: true })
    .raw()
    .toBuffer({ resolveWithObject: true });
  const { width, height, channels } = info;
  const upright = () => sharp(data, { raw: { width, height, channels } });
  const seeThrough = channels === 4 && !everyAlphaFull(data);
  const [bytes, small] = await Promise.all([
    (seeThrough ? upright() : upright().removeAlpha()).webp({ quality: 88, effort: 0 }).toBuffer(),
    upright().ensureAlpha().resize(SIDE, SIDE, { fit: 'fill', kernel: 'linear' }).raw().toBuffer(),
  ]);
  const thumb = await sharp(small, { raw: { width: SIDE, height: SIDE, channels: 4 } })
    .resize(thumbSize(width, height))
    .raw()
    .toBuffer({ resolveWithObject: true });
  const pixels: Pixel[] = [];
  for (let i = 0; i < small.length; i += 4)
    pixels.push(over([small[i]!, small[i + 1]!, small[i + 2]!], small[i + 3]!, PAPER));
  return {
    id: createHash('sha256').update(bytes).digest('hex'),
    width,
    height,
    bytes,
    seeThrough,
    dominant: dominantOf(pixels),
    placeholder: Buffer.from(rgbaToThumbHash(thumb.info.width, thumb.info.height, thumb.data)).toString(
      'base64',
    ),
    grid: gridOf(pixels),
  };
}
