import { heightOf } from '../card/pictureHeight.ts';
import { ON_DARK } from '../css/onDark.ts';
import type { StepView } from '../view/view.ts';

/** Rules for cards of which the picture is the ground, with the words on its lower part. */
export function groundCss(card: string, { ground }: StepView, paddingPx: number): string {
  const height = heightOf(ground);
  const high =
    height && 'length' in height ? `height:${height.length}` : `aspect-ratio:${height?.ratio ?? 1}`;
  return (
    `${card}{${high};justify-content:flex-end;padding:${paddingPx}px;overflow:hidden;border-radius:3px}` +
    `${card}>.part-picture{position:absolute;inset:0;aspect-ratio:auto;height:auto;margin:0}` +
    `${card}>.part-picture::after{content:"";position:absolute;inset:0;background:linear-gradient(to top,rgb(0 0 0/.78),rgb(0 0 0/.5) 40%,rgb(0 0 0/0) 75%)}` +
    `${card}>.texts{z-index:1;${ON_DARK}}`
  );
}
