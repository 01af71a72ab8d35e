import type { PictureFacts } from '../catalogue/facts.ts';

/** Widths that stored pictures are served in, px. */
export const RENDITION_WIDTHS = [96, 160, 240, 320, 480, 640, 800, 1000, 1280, 1600] as const;

/** Address of a rendition; it names the stored file by content, so it never changes. */
export const renditionAddress = ({ file }: Pick<PictureFacts, 'file'>, width: number): string =>
  `/pictures/${file}/${width}.webp`;

/** Widths worth offering for a picture: none that would enlarge it, but its own size at least. */
export function renditionWidths(pictureWidth: number): number[] {
  const smaller = RENDITION_WIDTHS.filter((width) => width < pictureWidth);
  const next = RENDITION_WIDTHS.find((width) => width >= pictureWidth);
  return [...smaller, next ?? RENDITION_WIDTHS.at(-1)!];
}
