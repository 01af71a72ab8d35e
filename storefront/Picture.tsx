import { useContext } from 'react';
import type { PictureFacts } from '../core/catalogue/facts.ts';
import { cropClass, toneClass } from '../core/css/pageCss.ts';
import { renditionAddress, renditionWidths } from '../core/picture/renditions.ts';
import { DrawnAtContext } from './drawnAt.ts';

export interface PictureProps {
  picture: PictureFacts;
  /** How wide it will be, as `sizes` writes it. */
  sizes: string;
  /** It fills a frame, which may show a part of it only. */
  fills?: boolean;
  /** In sight at once: fetched first. */
  eager?: boolean;
  /** Empty where words beside it say the same. */
  alt?: string;
  /** It is seen in the place of another one, on hover. */
  second?: boolean;
  /** No wider is it fetched, px. */
  mostPx?: number | null;
}

/** A stored picture at the size that suits; its place is kept before it is there. */
export function Picture({
  picture,
  sizes,
  fills = false,
  eager = false,
  alt,
  second = false,
  mostPx = null,
}: PictureProps) {
  // A browser measures by itself what is fetched late, again at each change; a small drawing is smaller than it measures.
  const measured = useContext(DrawnAtContext) === null && !eager;
  const widths = renditionWidths(Math.min(picture.width, mostPx ?? Infinity));
  const fallback = widths.find((width) => width >= 480) ?? widths.at(-1)!;
  return (
    <img
      className={
        [second && 'second', !picture.seeThrough && toneClass(picture.dominant), fills && cropClass(picture)]
          .filter(Boolean)
          .join(' ') || undefined
      }
      loading={eager ? undefined : 'lazy'}
      fetchPriority={eager ? 'high' : undefined}
      decoding="async"
      sizes={measured ? `auto, ${sizes}` : sizes}
      srcSet={widths.map((width) => `${renditionAddress(picture, width)} ${width}w`).join(', ')}
      src={renditionAddress(picture, fallback)}
      width={picture.width}
      height={picture.height}
      alt={alt ?? picture.alt}
    />
  );
}
