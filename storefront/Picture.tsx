import { ratioValue, type Ratio } from '../core/card/card.ts';
import type { PictureFacts } from '../core/catalogue/facts.ts';
import { cropClass, toneClass } from '../core/css/pageCss.ts';
import { fillCrop } from '../core/picture/crop.ts';
import { renditionAddress, renditionWidths } from '../core/picture/renditions.ts';

export interface PictureProps {
  picture: PictureFacts;
  /** How wide it will be, as `sizes` writes it. */
  sizes: string;
  /** The frame it fills; none where it keeps its own proportions. */
  ratio?: Ratio;
  /** In sight at once: fetched first. */
  eager?: boolean;
  /** Empty where words beside it say the same. */
  alt?: string;
}

/** A stored picture at the size that suits; its place is kept before it is there. */
export function Picture({ picture, sizes, ratio, eager = false, alt }: PictureProps) {
  const crop = ratio && fillCrop(ratioValue(ratio), picture.width / picture.height, picture.focal);
  const widths = renditionWidths(picture.width);
  const fallback = widths.find((width) => width >= 480) ?? widths.at(-1)!;
  return (
    <img
      className={
        [!picture.seeThrough && toneClass(picture.dominant), crop && cropClass(crop.x, crop.y)]
          .filter(Boolean)
          .join(' ') || undefined
      }
      loading={eager ? undefined : 'lazy'}
      fetchPriority={eager ? 'high' : undefined}
      decoding="async"
      sizes={eager ? sizes : `auto, ${sizes}`}
      srcSet={widths.map((width) => `${renditionAddress(picture.id, width)} ${width}w`).join(', ')}
      src={renditionAddress(picture.id, fallback)}
      width={picture.width}
      height={picture.height}
      alt={alt ?? picture.alt}
    />
  );
}
