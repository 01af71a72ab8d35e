import type { PictureFacts } from '../core/catalogue/facts.ts';
import { renditionAddress, renditionWidths } from '../core/picture/renditions.ts';

/** Sharp on screens with so many pixels to one of theirs. */
const DENSITY = 2;

/** A picture at one small size, px, whatever the width of the screen. */
export function SmallPicture({
  picture: { facts, widthPx, heightPx },
  alt,
}: {
  picture: { facts: PictureFacts; widthPx: number; heightPx: number };
  /** Empty where the words beside it say what it shows. */
  alt: string;
}) {
  const widths = renditionWidths(facts.width);
  const width = widths.find((one) => one >= DENSITY * widthPx) ?? widths.at(-1)!;
  return (
    <img src={renditionAddress(facts, width)} width={widthPx} height={heightPx} alt={alt} loading="lazy" />
  );
}
