import { ButtonLink } from './Button.tsx';
import type { PartDrawing } from './partDrawing.ts';

/** A link to the product; with script it opens a window instead. */
export const drawQuick: PartDrawing<'quick'> = ({ href, quick, name, ...says }) => (
  <div className="part-quick">
    <ButtonLink says={says} href={href} name={name} quick={quick} />
  </div>
);
