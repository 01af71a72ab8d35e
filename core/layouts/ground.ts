import { heightOf } from '../card/pictureHeight.ts';
import { ON_DARK } from '../css/onDark.ts';
import type { StepView } from '../view/view.ts';

/** How far the shade behind the texts fades out above them, px. It is as high as they are, so that the rest of the picture stays clear. */
const FADE_PX = 48;

/** Rules for cards of which the picture is the ground, with the words on its lower part. */
export function groundCss(card: string, { ground }: StepView, paddingPx: number): string {
  const height = heightOf(ground);
  const high =
    height && 'length' in height ? `height:${height.length}` : `aspect-ratio:${height?.ratio ?? 1}`;
  return (
    `${card}{${high};justify-content:flex-end;padding:${paddingPx}px;overflow:hidden;border-radius:3px}` +
    `${card}>.part-picture{position:absolute;inset:0;aspect-ratio:auto;height:auto;margin:0}` +
    `${card}>.texts{z-index:1;${ON_DARK};margin:-${FADE_PX}px -${paddingPx}px -${paddingPx}px;padding:${FADE_PX}px ${paddingPx}px ${paddingPx}px;background:linear-gradient(to top,rgb(0 0 0/.72),rgb(0 0 0/.6) calc(100% - ${FADE_PX}px),rgb(0 0 0/0))}` +
    // Texts that are before the picture in the order stand above the others, on one shade with them.
    `${card}>.lead{margin-bottom:0;padding-bottom:0}${card}>.lead~.texts{margin-top:0;padding-top:0;background:rgb(0 0 0/.66)}`
  );
}
